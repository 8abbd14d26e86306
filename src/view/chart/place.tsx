"use client";

import { memo, useRef } from "react";
import { faceState, isCovered, talkState, withTalk } from "@/core/lesson/place-state";
import type { NumberKey } from "@/core/number/exact";
import type { SceneSource } from "../scene/scene-source";
import { useScene, useSceneLate } from "../scene/use-scene";
import { type ChartLayout, cornerOf } from "./chart-layout";
import { Cover, PlaceFace } from "./place-face";
import { placeName } from "./place-name";

type Props = { layout: ChartLayout; index: number; number: NumberKey; source: SceneSource };

/** One place of a live chart. It listens for its own number, so that a touch redraws what it changes and no more. */
export const Place = memo(function Place({ layout, index, number, source }: Props) {
  const face = useScene(source, (scene) => faceState(scene, number));
  const talk = useSceneLate(source, (scene) => talkState(scene, number));
  const covered = isCovered(face);
  const wasCovered = useRef(false);
  const lifted = wasCovered.current && !covered && layout.covers === "solid";
  wasCovered.current ||= covered;
  const { x } = cornerOf(layout, index);
  const { cellWidth: w, cellHeight: h } = layout;
  return (
    // biome-ignore lint/a11y/useSemanticElements: a table cell cannot be drawn in SVG.
    <g
      role="gridcell"
      aria-colindex={(index % layout.columns) + 1}
      aria-label={placeName(number, withTalk(face, talk), layout.covers)}
      tabIndex={index === 0 ? 0 : -1}
      data-place={index}
      className="place"
    >
      {/* All of the place takes the finger; what is not drawn costs nothing to paint. */}
      <rect x={x} width={w} height={h} fill="none" pointerEvents="all" />
      <PlaceFace layout={layout} x={x} y={0} number={number} state={face} />
      {lifted && <Cover layout={layout} x={x} y={0} className="cover cover-lifted pointer-events-none" />}
    </g>
  );
});
