"use client";

import { memo } from "react";
import { faceState, talkState, withTalk } from "@/core/lesson/place-state";
import { numberOf, type PlaceKey } from "@/core/surface/place-key";
import { PlaceFace } from "../chart/place-face";
import { placeName } from "../chart/place-name";
import type { SceneSource } from "../scene/scene-source";
import { useScene, useSceneLate } from "../scene/use-scene";
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
  const face = useScene(source, (scene) => faceState(scene, place));
  const talk = useSceneLate(source, (scene) => talkState(scene, place));
  const number = numberOf(place);
  return (
    // biome-ignore lint/a11y/useSemanticElements: a table cell cannot be drawn in SVG.
    <g
      role="gridcell"
      aria-colindex={column}
      aria-label={placeName(number, withTalk(face, talk), layout.covers)}
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
      <PlaceFace layout={layout} x={x} y={0} number={number} state={face} />
    </g>
  );
});
