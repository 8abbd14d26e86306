import { memo } from "react";
import type { NumberKey } from "@/core/number/exact";
import { type CellState, hasCounter, inksIn, isCovered } from "@/core/scene/cell-state";
import { hasInk, INKS } from "@/core/set/ink";
import { InkFigure } from "../ink/ink-shape";
import type { Box } from "./box";
import type { Point } from "./line-geometry";

/** The marks of a number without room for its label: its place on the line. */
export type Flag = { readonly key: NumberKey; readonly state: CellState; readonly at: Point };

/** How far over the line the shape of its first ink stands, how far each further one over that, and their sizes. */
const [OVER, NEXT, RADIUS] = [22, 13, 6];
const COUNTER = { radius: 9, edge: 2 };

/** The inks that are shown: as on a chart, a cover shows none of what is under it. */
const inksOf = (state: CellState) =>
  isCovered(state) ? [] : INKS.filter((ink) => hasInk(inksIn(state), ink));

/** Whether anything of it is drawn. */
export const isSeen = ({ state }: Flag): boolean => hasCounter(state) || inksOf(state).length > 0;

/** The room that a flag takes over the line. */
export function flagBox({ state, at: { x, y } }: Flag): Box {
  const inks = inksOf(state).length;
  const top = inks > 0 ? OVER + (inks - 1) * NEXT + RADIUS : COUNTER.radius;
  return { left: x - RADIUS, right: x + RADIUS, top: y - top, bottom: y };
}

/** The marks of a number without room for its label, small over its place on the line. */
export const FlagFigure = memo(function FlagFigure({ state, x, y }: Point & Pick<Flag, "state">) {
  return (
    <g>
      {hasCounter(state) && (
        <circle
          cx={x}
          cy={y}
          r={COUNTER.radius}
          fill="var(--color-kelp)"
          stroke="var(--color-kelp-dot)"
          strokeWidth={COUNTER.edge}
        />
      )}
      {inksOf(state).map((ink, i) => (
        <InkFigure key={ink} ink={ink} x={x} y={y - OVER - i * NEXT} radius={RADIUS} />
      ))}
    </g>
  );
});
