import { type ChartLayout, cornerOf } from "./chart-layout";

/** Lights the row and the column of a cell, under the cells, so that inks show through. */
export function GuideLight({ layout, index }: { layout: ChartLayout; index: number }) {
  const { x, y } = cornerOf(layout, index);
  const { cellWidth, cellHeight, width, height } = layout;
  return (
    <g fill="var(--color-lit)">
      <rect x={0} y={y} width={width} height={cellHeight} />
      <rect x={x} y={0} width={cellWidth} height={height} />
    </g>
  );
}
