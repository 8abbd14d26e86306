"use client";

import dynamic from "next/dynamic";
import { isRoute, type Trail } from "@/core/count/trail";
import { patient } from "@/kit/patient";
import type { SceneSource } from "../scene/scene-source";
import { useSceneLate } from "../scene/use-scene";
import type { ChartLayout } from "./chart-layout";

/** Brings the drawing of a route: a chart stands before it is there. */
export const drawnRoute = patient(() => import("./drawn-route").then((part) => part.DrawnRoute));
const DrawnRoute = dynamic(drawnRoute, { ssr: false });

/** Most jumps whose ways are drawn: more would hide the chart. */
const MOST_DRAWN = 12;

type Props = {
  layout: ChartLayout;
  source: SceneSource;
  /** Whether a trail is the count: its numbers are marked or said, and its jumps are not drawn. */
  isCount: (trail: Trail) => boolean;
};

/** The way over the chart that arrows or jumps have made, where they have made one. */
export function Route({ layout, source, isCount }: Props) {
  const trail = useSceneLate(source, ({ trail: made }) => {
    if (!made || made.jumps.length === 0) return null;
    return isRoute(made) || (made.jumps.length <= MOST_DRAWN && !isCount(made)) ? made : null;
  });
  return trail && <DrawnRoute layout={layout} trail={trail} />;
}
