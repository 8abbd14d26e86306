"use client";

import { memo } from "react";
import type { NumberKey } from "@/core/number/exact";
import { type Cells, useCellLate } from "../scene/cells";
import { cellName } from "./cell-name";
import { type ChartLayout, cornerOf } from "./chart-layout";
import { LiveFace } from "./live-face";

type Props = { layout: ChartLayout; index: number; number: NumberKey; cells: Cells };

/** One cell of a live chart: its face, rendered at once, and its name, which follows a frame later. */
export const Cell = memo(function Cell({ layout, index, number, cells }: Props) {
  const state = useCellLate(cells, number);
  const { x } = cornerOf(layout, index);
  const { cellWidth: w, cellHeight: h } = layout;
  return (
    // biome-ignore lint/a11y/useSemanticElements: a table cell cannot be drawn in SVG.
    <g
      role="gridcell"
      aria-colindex={(index % layout.columns) + 1}
      aria-label={cellName(number, state, layout.covers, layout.write)}
      tabIndex={index === 0 ? 0 : -1}
      data-cell={index}
      className="place"
    >
      {/* The whole cell takes touches; an invisible shape costs nothing to paint. */}
      <rect x={x} width={w} height={h} fill="none" pointerEvents="all" />
      <LiveFace layout={layout} x={x} target={number} cells={cells} />
    </g>
  );
});
