import { memo } from "react";
import { round } from "../round";
import type { ChartLayout } from "./chart-layout";

/**
 * The lines between cells, and a heavier one around all of them; none in the gap after a short row. With rows of ten,
 * every fifth line is heavier too, for orientation.
 */
export const ChartLines = memo(function ChartLines({
  layout,
  climb,
}: {
  layout: ChartLayout;
  climb: "down" | "up";
}) {
  const { columns, rows, line } = layout;
  // Rows are counted from where the chart begins, at the top or at the bottom.
  const fifth = (row: number) => (climb === "up" ? rows - row : row) % 5 === 0;
  return (
    <g fill="none" stroke="var(--color-rule)" strokeLinecap="square" className="pointer-events-none">
      <path d={linesOf(layout, (sides) => sides > 0)} strokeWidth={line} />
      {columns === 10 && (
        <path
          d={linesOf(
            layout,
            (sides, axis, at) => sides > 0 && (axis === "across" ? fifth(at) : at % 5 === 0),
          )}
          strokeWidth={line * 2}
        />
      )}
      <path d={linesOf(layout, (sides) => sides === 1)} strokeWidth={line * 2} />
    </g>
  );
});

/** The ground under the cells of a chart. */
export const ChartGround = memo(function ChartGround({ layout }: { layout: ChartLayout }) {
  const { columns, rows, cellWidth, cellHeight } = layout;
  let d = "";
  for (let row = 0; row < rows; row += 1) {
    for (const [from, to] of runs(columns, (column) => layout.numbers[row * columns + column] !== null)) {
      d += `M${round(from * cellWidth)} ${round(row * cellHeight)}H${round(to * cellWidth)}v${round(cellHeight)}H${round(from * cellWidth)}z`;
    }
  }
  return <path d={d} fill="var(--color-board)" />;
});

type Wanted = (sides: 0 | 1 | 2, axis: "across" | "down", at: number) => boolean;

/** The path of all wanted edges, chosen by how many of their two sides are cells. */
function linesOf({ numbers, columns, rows, cellWidth, cellHeight }: ChartLayout, wanted: Wanted): string {
  const has = (row: number, column: number) =>
    row >= 0 && row < rows && column >= 0 && column < columns && numbers[row * columns + column] !== null;
  const sides = (a: boolean, b: boolean) => ((a ? 1 : 0) + (b ? 1 : 0)) as 0 | 1 | 2;
  let d = "";
  for (let row = 0; row <= rows; row += 1) {
    const here = (column: number) => wanted(sides(has(row - 1, column), has(row, column)), "across", row);
    for (const [from, to] of runs(columns, here)) {
      d += `M${round(from * cellWidth)} ${round(row * cellHeight)}H${round(to * cellWidth)}`;
    }
  }
  for (let column = 0; column <= columns; column += 1) {
    const here = (row: number) => wanted(sides(has(row, column - 1), has(row, column)), "down", column);
    for (const [from, to] of runs(rows, here)) {
      d += `M${round(column * cellWidth)} ${round(from * cellHeight)}V${round(to * cellHeight)}`;
    }
  }
  return d;
}

/** The runs within 0 … count − 1 for which something holds, each from its first to one past its last. */
function runs(count: number, holds: (i: number) => boolean): [number, number][] {
  const found: [number, number][] = [];
  for (let i = 0; i < count; i += 1) {
    if (!holds(i)) continue;
    const last = found.at(-1);
    if (last && last[1] === i) last[1] = i + 1;
    else found.push([i, i + 1]);
  }
  return found;
}
