import type { ReactNode } from "react";
import type { Size } from "./drawing";

/** A drawing in SVG, laid out in a room of its own and shown as large as there is room for. */
export function Picture({ room: { width, height }, children }: { room: Size; children: ReactNode }) {
  return (
    <svg
      aria-hidden
      viewBox={`-1 -1 ${width + 2} ${height + 2}`}
      className="block size-full"
      preserveAspectRatio="xMidYMid meet"
    >
      {children}
    </svg>
  );
}
