import type { Anchors } from "../pen/anchors";
import { type ChartLayout, cornerOf } from "./chart-layout";

/** Strokes over a chart belong to the cell under them, or to the nearest one. */
export function chartAnchors(layout: ChartLayout): Anchors {
  const { cellWidth: w, cellHeight: h, columns, rows, numbers } = layout;
  const clamp = (at: number, max: number) => Math.max(0, Math.min(max - 1, Math.floor(at)));
  return {
    at: ({ x, y }) => numbers[clamp(y / h, rows) * columns + clamp(x / w, columns)] ?? numbers[0] ?? null,
    of: (number) => {
      const index = number === null ? undefined : layout.indexOf.get(number);
      if (index === undefined) return null;
      const { x, y } = cornerOf(layout, index);
      return { x: x + w / 2, y: y + h / 2, unit: h };
    },
  };
}
