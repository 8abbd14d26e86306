"use client";

import { useMemo } from "react";
import type { NumberKey } from "@/core/number/exact";
import { inksAt } from "@/core/scene/scene";
import type { ViewId } from "@/core/views/view-id";
import { later } from "@/kit/later";
import type { SceneSource } from "../scene/scene-source";
import { useSceneLate } from "../scene/use-scene";
import type { ChartLayout } from "./chart-layout";

/** Their drawing, loaded after the chart stands. */
export const SymmetryLines = later(() => import("./symmetry-lines").then((part) => part.SymmetryLines));

/** The symmetries that are drawn over a chart, as its scene has them now. */
export function DrawnSymmetry({
  id,
  layout,
  source,
}: {
  id: ViewId;
  layout: ChartLayout;
  source: SceneSource;
}) {
  const shown = useSceneLate(source, (scene) => scene.symmetries[id]);
  const laid = useSceneLate(source, (scene) => (scene.symmetries[id]?.length ? scene.laid : null));
  const isShaded = useMemo(
    () => (number: NumberKey) => laid !== null && inksAt(source.read(), number) !== 0,
    [laid, source],
  );
  return shown ? <SymmetryLines layout={layout} shown={shown} isShaded={isShaded} /> : null;
}
