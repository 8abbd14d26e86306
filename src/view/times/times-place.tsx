"use client";

import { memo } from "react";
import { placeState } from "@/core/lesson/place-state";
import { numberOf, type PlaceKey } from "@/core/surface/place-key";
import { LiveFace } from "../chart/live-face";
import { placeName } from "../chart/place-name";
import type { SceneSource } from "../scene/scene-source";
import { useSceneLate } from "../scene/use-scene";
import type { TimesLayout } from "./times-layout";

type Props = {
  layout: TimesLayout;
  place: PlaceKey;
  column: number;
  x: number;
  source: SceneSource;
};

/** One place of a times grid. As the window slides, a place that has gone out at one edge comes in at the other. */
export const TimesPlace = memo(function TimesPlace({ layout, place, column, x, source }: Props) {
  const state = useSceneLate(source, (scene) => placeState(scene, place));
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
      <LiveFace layout={layout} x={x} target={place} source={source} />
    </g>
  );
});
