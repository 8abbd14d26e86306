"use client";

import { memo } from "react";
import { numberOf, type PlaceKey } from "@/core/surface/place-key";
import { LiveFace } from "../chart/live-face";
import { placeName } from "../chart/place-name";
import { type Places, usePlaceLate } from "../scene/places";
import type { TimesLayout } from "./times-layout";

type Props = {
  layout: TimesLayout;
  place: PlaceKey;
  column: number;
  x: number;
  places: Places;
};

/** One place of a times grid. As the window slides, a place that has gone out at one edge comes in at the other. */
export const TimesPlace = memo(function TimesPlace({ layout, place, column, x, places }: Props) {
  const state = usePlaceLate(places, place);
  const number = numberOf(place);
  return (
    // biome-ignore lint/a11y/useSemanticElements: a table cell cannot be drawn in SVG.
    <g
      role="gridcell"
      aria-colindex={column}
      aria-label={placeName(number, state, layout.covers)}
      tabIndex={-1}
      data-place={place}
      className="place"
    >
      <rect
        x={x}
        width={layout.cellWidth}
        height={layout.cellHeight}
        fill="var(--color-board)"
        stroke="var(--color-rule)"
      />
      <LiveFace layout={layout} x={x} target={place} places={places} />
    </g>
  );
});
