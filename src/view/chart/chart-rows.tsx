import { memo } from "react";
import type { Cells } from "../scene/cells";
import { Cell } from "./cell";
import type { ChartLayout } from "./chart-layout";

/** The rows of a live chart with their cells. */
export const ChartRows = memo(function ChartRows({ layout, cells }: { layout: ChartLayout; cells: Cells }) {
  return Array.from({ length: layout.rows }, (_, row) => (
    // Each row is an isolated SVG on a layer of its own: the browser hit-tests, lays out, paints and composites only
    // the row that a touch has changed.
    // biome-ignore lint/a11y/useSemanticElements: a table row cannot be drawn in SVG.
    // biome-ignore lint/a11y/useFocusableInteractive: the cells of the row take the focus, not the row.
    <div
      // biome-ignore lint/suspicious/noArrayIndexKey: a row is where it stands.
      key={row}
      role="row"
      aria-rowindex={row + 1}
      className="absolute left-0 z-0"
      style={{
        top: row * layout.cellHeight,
        width: layout.width,
        height: layout.cellHeight,
        contain: "strict",
        willChange: "transform",
      }}
    >
      <svg
        role="presentation"
        width={layout.width}
        height={layout.cellHeight}
        className="block overflow-visible"
      >
        {Array.from({ length: layout.columns }, (_, column) => {
          const index = row * layout.columns + column;
          const number = layout.numbers[index];
          return number ? (
            <Cell key={number} layout={layout} index={index} number={number} cells={cells} />
          ) : null;
        })}
      </svg>
    </div>
  ));
});
