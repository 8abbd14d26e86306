"use client";

import { memo } from "react";
import { type CellKey, numberOf } from "@/core/surface/cell-key";
import { cellName } from "../chart/cell-name";
import { LiveFace } from "../chart/live-face";
import { type Cells, useCellLate } from "../scene/cells";
import type { TimesLayout } from "./times-layout";

type Props = {
  layout: TimesLayout;
  cell: CellKey;
  column: number;
  x: number;
  cells: Cells;
};

/** One cell of a times grid. As the window slides, a cell leaving at one edge is reused at the other. */
export const TimesCell = memo(function TimesCell({ layout, cell, column, x, cells }: Props) {
  const state = useCellLate(cells, cell);
  const number = numberOf(cell);
  return (
    // biome-ignore lint/a11y/useSemanticElements: a table cell cannot be drawn in SVG.
    <g
      role="gridcell"
      aria-colindex={column}
      aria-label={cellName(number, state, layout.covers)}
      tabIndex={-1}
      data-cell={cell}
      className="place"
    >
      <rect
        x={x}
        width={layout.cellWidth}
        height={layout.cellHeight}
        fill="var(--color-board)"
        stroke="var(--color-rule)"
        strokeWidth={layout.line}
      />
      <LiveFace layout={layout} x={x} target={cell} cells={cells} />
    </g>
  );
});
