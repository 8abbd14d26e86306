"use client";

import { later } from "@/kit/later";
import type { SceneSource } from "../scene/scene-source";
import { useSceneLate } from "../scene/use-scene";
import type { ChartLayout } from "./chart-layout";
import { GuideLight } from "./guide-light";
import type { NeighboursProps } from "./neighbours";

/** The names of the neighbours: a chart stands before they are there. */
export const Neighbours = later(() => import("./neighbours").then((part) => part.Neighbours));

/** The four neighbours of the number in focus, while they are wished for. */
export function Guides({ source, ...props }: Omit<NeighboursProps, "scene"> & { source: SceneSource }) {
  const scene = useSceneLate(source, (now) => (now.guides ? now : null));
  return scene && <Neighbours {...props} scene={scene} />;
}

/** The row and the column of the number in focus lit, while its neighbours are wished for. */
export function LiveGuideLight({ layout, source }: { layout: ChartLayout; source: SceneSource }) {
  const focus = useSceneLate(source, (scene) => (scene.guides ? scene.focus : null));
  const index = focus === null ? undefined : layout.indexOf.get(focus);
  return index === undefined ? null : <GuideLight layout={layout} index={index} />;
}
