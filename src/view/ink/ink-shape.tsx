import type { Ink } from "@/core/lesson/ink";
import { INK_LOOK } from "./ink-look";

/** An ink's shape on its own, for buttons and lists. */
export function InkShape({ ink, size, color }: { ink: Ink; size: number; color?: string }) {
  return (
    <svg width={size} height={size} viewBox="-1.3 -1.3 2.6 2.6" aria-hidden>
      <path d={INK_LOOK[ink].shape} fill={color ?? INK_LOOK[ink].figure} />
    </svg>
  );
}
