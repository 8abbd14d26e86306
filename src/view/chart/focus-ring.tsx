"use client";

import type { SceneSource } from "../scene/scene-source";
import { useSceneLate } from "../scene/use-scene";
import { CellRing } from "./cell-ring";
import { type ChartLayout, cornerOf } from "./chart-layout";

/** The ring round the number in focus. Nothing where the chart does not hold it. */
export function FocusRing({ layout, source }: { layout: ChartLayout; source: SceneSource }) {
  const focus = useSceneLate(source, (scene) => scene.focus);
  const index = focus === null ? undefined : layout.indexOf.get(focus);
  return index === undefined ? null : (
    <CellRing layout={layout} corner={cornerOf(layout, index)} of="focus" />
  );
}
