"use client";

import { memo } from "react";
import type { NumberKey } from "@/core/number/exact";
import { type Places, usePlaceLate } from "../scene/places";
import { type ChartLayout, cornerOf } from "./chart-layout";
import { LiveFace } from "./live-face";
import { placeName } from "./place-name";

type Props = { layout: ChartLayout; index: number; number: NumberKey; places: Places };

/** One place of a live chart: its face, drawn at once, and its name, which follows a frame later. */
export const Place = memo(function Place({ layout, index, number, places }: Props) {
  const state = usePlaceLate(places, number);
  const { x } = cornerOf(layout, index);
  const { cellWidth: w, cellHeight: h } = layout;
  return (
    // biome-ignore lint/a11y/useSemanticElements: a table cell cannot be drawn in SVG.
    <g
      role="gridcell"
      aria-colindex={(index % layout.columns) + 1}
      aria-label={placeName(number, state, layout.covers, layout.write)}
      tabIndex={index === 0 ? 0 : -1}
      data-place={index}
      className="place"
    >
      {/* All of the place takes the finger; what is not drawn costs nothing to paint. */}
      <rect x={x} width={w} height={h} fill="none" pointerEvents="all" />
      <LiveFace layout={layout} x={x} target={number} places={places} />
    </g>
  );
});
