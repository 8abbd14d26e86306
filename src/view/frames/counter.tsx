import type { Ink } from "@/core/set/ink";
import { inkFigure } from "../ink/ink-figure";
import { INK_STYLE } from "../ink/ink-style";
import { round } from "../round";
import { Shapes } from "../shape";

type Props = {
  ink: Ink;
  x: number;
  y: number;
  radius: number /** Only its outline is left. */;
  left?: boolean;
};

/** A counter: a disc in the colour of its ink, with the shape by which the ink is told in any light. */
export function Counter({ ink, x, y, radius, left = false }: Props) {
  const { ground, figure } = INK_STYLE[ink];
  return (
    <g>
      <circle
        cx={round(x)}
        cy={round(y)}
        r={round(radius)}
        fill={left ? "none" : ground}
        stroke={figure}
        strokeWidth={round(Math.max(1.5, radius * 0.1))}
        strokeDasharray={left ? `${round(radius * 0.2)} ${round(radius * 0.16)}` : undefined}
      />
      {!left && <Shapes shapes={[inkFigure({ ink, x, y, radius: radius * 0.34 })]} />}
    </g>
  );
}
