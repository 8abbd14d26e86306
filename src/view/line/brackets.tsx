import { exact, type NumberKey } from "@/core/number/exact";
import { isCovered } from "@/core/scene/cell-state";
import type { LineMarks } from "@/core/scene/line-marks";
import { round } from "../round";
import { cellHeight } from "./line-geometry";
import type { LineLayout } from "./line-layout";

/** Brackets under the groups of counters on a strip, each with its landing, unless that is covered. */
export function Brackets({ layout, marks }: { layout: LineLayout; marks: LineMarks }) {
  const { geometry, placing, cell, numeral, heavy, below: numbersBelow, tallest } = layout;
  const height = cellHeight(cell, layout.room.height);
  const { y } = geometry.point(0, 0);
  const top = y + height / 2 + 6 + (numbersBelow ? tallest : 0);
  const drop = Math.min(14, height * 0.2);
  return marks.brackets.map(({ after, to }) => {
    const side = (key: NumberKey) => geometry.point(placing.partOf(exact(key)), 0).x + cell / 2;
    const [left, right] = [side(after) + 3, side(to) - 3];
    const below = layout.room.height - top - drop - 6;
    const size = Math.min(numeral, below, (right - left) / (layout.write(to).length * 0.62));
    const covered = isCovered(marks.states[to] ?? 0);
    return (
      <g key={to} data-bracket={covered ? "" : to}>
        <path
          d={`M${round(left)} ${round(top)}v${round(drop)}H${round(right)}v${round(-drop)}`}
          fill="none"
          stroke="var(--color-kelp-dot)"
          strokeWidth={heavy * 0.8}
          strokeLinejoin="round"
        />
        {!covered && size >= 16 && (
          <text
            x={round((left + right) / 2)}
            y={round(top + drop + size)}
            fontSize={round(size)}
            textAnchor="middle"
            fill="var(--color-thousands)"
            className="font-numeral font-bold"
          >
            {layout.write(to)}
          </text>
        )}
      </g>
    );
  });
}
