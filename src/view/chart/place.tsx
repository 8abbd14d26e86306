"use client";

import { memo, useRef } from "react";
import { isCovered, placeState } from "@/core/lesson/place-state";
import type { SceneSource } from "../scene/scene-source";
import { useScene } from "../scene/use-scene";
import { type ChartLayout, cornerOf } from "./chart-layout";
import { Cover, PlaceFace } from "./place-face";
import { placeName } from "./place-name";

type Props = { layout: ChartLayout; index: number; source: SceneSource };

/** One place of a live chart. It listens for its own number, so that a touch redraws what it changes and no more. */
export const Place = memo(function Place({ layout, index, source }: Props) {
  const number = layout.numbers[index]!;
  const state = useScene(source, (scene) => placeState(scene, number));
  const covered = isCovered(state);
  const wasCovered = useRef(false);
  const lifted = wasCovered.current && !covered;
  wasCovered.current ||= covered;
  const { x } = cornerOf(layout, index);
  const { cellWidth: w, cellHeight: h } = layout;
  return (
    // biome-ignore lint/a11y/useSemanticElements: a table cell cannot be drawn in SVG.
    <g
      role="gridcell"
      aria-colindex={(index % layout.columns) + 1}
      aria-label={placeName(number, state)}
      tabIndex={index === 0 ? 0 : -1}
      data-place={index}
      className="place"
    >
      {/* All of the place takes the finger; what is not drawn costs nothing to paint. */}
      <rect x={x} width={w} height={h} fill="none" pointerEvents="all" />
      <PlaceFace layout={layout} x={x} y={0} number={number} state={state} />
      {lifted && <Cover layout={layout} x={x} y={0} className="cover cover-lifted pointer-events-none" />}
    </g>
  );
});
