import { cellAt, cellKey, isCellKey } from "@/core/surface/cell-key";
import type { WindowAt } from "@/core/surface/times-grid";
import type { Anchors } from "../pen/anchors";
import type { TimesLayout } from "./times-layout";

/** Strokes over a times grid belong to the cell under them. */
export function timesAnchors(
  { row, column }: WindowAt,
  { cellWidth, cellHeight }: Pick<TimesLayout, "cellWidth" | "cellHeight">,
): Anchors {
  return {
    at: ({ x, y }) => cellKey(row + Math.floor(y / cellHeight), column + Math.floor(x / cellWidth)),
    of: (cell) => {
      if (cell === null || !isCellKey(cell)) return null;
      const at = cellAt(cell);
      return {
        x: (at.column - column + 0.5) * cellWidth,
        y: (at.row - row + 0.5) * cellHeight,
        unit: cellHeight,
      };
    },
  };
}
