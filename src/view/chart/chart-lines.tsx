import type { ChartLayout } from "./chart-layout";

/** The lines between places. Where rows are of ten, every fifth line is heavier, to find one's place by. */
export function ChartLines({ layout }: { layout: ChartLayout }) {
  const { columns, rows, cellWidth, cellHeight, width, height, line } = layout;
  const across = (every: number) =>
    Array.from({ length: rows + 1 }, (_, row) => row)
      .filter((row) => row % every === 0)
      .map((row) => `M0 ${row * cellHeight}H${width}`)
      .join("");
  const down = (every: number) =>
    Array.from({ length: columns + 1 }, (_, column) => column)
      .filter((column) => column % every === 0)
      .map((column) => `M${column * cellWidth} 0V${height}`)
      .join("");
  return (
    <g fill="none" stroke="var(--color-rule)" strokeLinecap="square" className="pointer-events-none">
      <path d={across(1) + down(1)} strokeWidth={line} />
      {columns === 10 && <path d={across(5) + down(5)} strokeWidth={line * 2} />}
      <path d={`M0 0H${width}V${height}H0z`} strokeWidth={line * 2} />
    </g>
  );
}
