"use client";

import dynamic from "next/dynamic";
import { isRoute } from "@/core/count/trail";
import { patient } from "@/kit/patient";
import type { SceneSource } from "../scene/scene-source";
import { useSceneLate } from "../scene/use-scene";
import type { ChartLayout } from "./chart-layout";

/** Brings the drawing of a route: a chart stands before it is there. */
export const drawnRoute = patient(() => import("./drawn-route").then((part) => part.DrawnRoute));
const DrawnRoute = dynamic(drawnRoute, { ssr: false });

/** The route that arrows have made, where they have made one. */
export function Route({ layout, source }: { layout: ChartLayout; source: SceneSource }) {
  const trail = useSceneLate(source, (scene) =>
    scene.trail && scene.trail.jumps.length > 0 && isRoute(scene.trail) ? scene.trail : null,
  );
  return trail && <DrawnRoute layout={layout} trail={trail} />;
}
