"use client";

import type { Trail } from "@/core/count/trail";
import { later } from "@/kit/later";
import type { SceneSource } from "../scene/scene-source";
import { useSceneLate } from "../scene/use-scene";
import type { ChartLayout } from "./chart-layout";
import { routeOf } from "./route-of";

/** The drawing of a route, loaded after the chart stands. */
export const DrawnRoute = later(() => import("./drawn-route").then((part) => part.DrawnRoute));

type Props = {
  layout: ChartLayout;
  source: SceneSource;
  /** Whether a trail is the count: then its numbers are marked or said, and its jumps are not drawn. */
  isCount: (trail: Trail) => boolean;
};

/** The route over the chart made by arrows or jumps, if there is one. */
export function Route({ layout, source, isCount }: Props) {
  const trail = useSceneLate(source, (scene) => routeOf(scene.trail, isCount));
  return trail && <LiveRoute layout={layout} source={source} trail={trail} />;
}

/** It depends on what is marked and covered on its way. */
function LiveRoute({ layout, source, trail }: Omit<Props, "isCount"> & { trail: Trail }) {
  const scene = useSceneLate(source, (now) => now);
  return <DrawnRoute layout={layout} trail={trail} scene={scene} />;
}
