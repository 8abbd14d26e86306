import type { Anchors } from "../pen/anchors";
import { type ChartLayout, cornerOf } from "./chart-layout";

/** What is drawn over a chart belongs to the cell under it, or to the nearest one. */
export function chartAnchors(layout: ChartLayout): Anchors {
  const { cellWidth: w, cellHeight: h, columns, rows, numbers } = layout;
  const clamp = (at: number, most: number) => Math.max(0, Math.min(most - 1, Math.floor(at)));
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
