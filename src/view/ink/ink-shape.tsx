import type { Ink } from "@/core/set/ink";
import { Shapes } from "../shape";
import { type InkFigureAt, inkFigure } from "./ink-figure";

/** An ink's shape within a drawing. */
export function InkFigure(at: InkFigureAt) {
  return <Shapes shapes={[inkFigure(at)]} />;
}

/** An ink's shape on its own, for buttons and lists. */
export function InkShape({ ink, size, color }: { ink: Ink; size: number | string; color?: string }) {
  return (
    <svg width={size} height={size} viewBox="-1.3 -1.3 2.6 2.6" aria-hidden>
      <InkFigure ink={ink} x={0} y={0} radius={1} {...(color ? { color } : {})} />
    </svg>
  );
}
