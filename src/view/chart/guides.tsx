"use client";

import { later } from "@/kit/later";
import type { SceneSource } from "../scene/scene-source";
import { useSceneLate } from "../scene/use-scene";
import type { ChartLayout } from "./chart-layout";
import { GuideLight } from "./guide-light";
import type { NeighboursProps } from "./neighbours";

/** The names of the neighbours, loaded after the chart stands. */
export const Neighbours = later(() => import("./neighbours").then((part) => part.Neighbours));

/** The four neighbours of the number in focus, while switched on. */
export function Guides({ source, ...props }: Omit<NeighboursProps, "scene"> & { source: SceneSource }) {
  const scene = useSceneLate(source, (now) => (now.guides ? now : null));
  return scene && <Neighbours {...props} scene={scene} />;
}

/** Lights the row and the column of the number in focus, while its neighbours are switched on. */
export function LiveGuideLight({ layout, source }: { layout: ChartLayout; source: SceneSource }) {
  const focus = useSceneLate(source, (scene) => (scene.guides ? scene.focus : null));
  const index = focus === null ? undefined : layout.indexOf.get(focus);
  return index === undefined ? null : <GuideLight layout={layout} index={index} />;
}
