"use client";

import dynamic from "next/dynamic";
import { patient } from "@/kit/patient";
import type { SceneSource } from "../scene/scene-source";
import { useSceneLate } from "../scene/use-scene";
import { type ChartLayout, cornerOf } from "./chart-layout";
import type { NeighboursProps } from "./neighbours";

/** Brings the names of the neighbours: a chart stands before they are there. */
export const neighbours = patient(() => import("./neighbours").then((part) => part.Neighbours));
const Neighbours = dynamic(neighbours, { ssr: false });

/** The four neighbours of the number in focus, while they are wished for. */
export function Guides(props: NeighboursProps) {
  return useSceneLate(props.source, (scene) => scene.guides) ? <Neighbours {...props} /> : null;
}

/** The row and the column of the number in focus lit, under its places: an ink shines through. */
export function GuideLight({ layout, source }: { layout: ChartLayout; source: SceneSource }) {
  const focus = useSceneLate(source, (scene) => (scene.guides ? scene.focus : null));
  const index = focus === null ? undefined : layout.indexOf.get(focus);
  if (index === undefined) return null;
  const { x, y } = cornerOf(layout, index);
  const { cellWidth, cellHeight, width, height } = layout;
  return (
    <g fill="var(--color-lit)">
      <rect x={0} y={y} width={width} height={cellHeight} />
      <rect x={x} y={0} width={cellWidth} height={height} />
    </g>
  );
}
