"use client";

import type { SceneSource } from "../scene/scene-source";
import { useScene } from "../scene/use-scene";
import { type ChartLayout, cornerOf } from "./chart-layout";

/** The ring round the number in focus, over its neighbours' edges. Nothing where the chart does not hold it. */
export function FocusRing({ layout, source }: { layout: ChartLayout; source: SceneSource }) {
  const focus = useScene(source, (scene) => scene.focus);
  const index = focus === null ? undefined : layout.indexOf.get(focus);
  if (index === undefined) return null;
  const { x, y } = cornerOf(layout, index);
  return (
    <rect
      className="pointer-events-none"
      x={x}
      y={y}
      width={layout.cellWidth}
      height={layout.cellHeight}
      rx={Math.min(6, layout.cellHeight / 5)}
      fill="none"
      stroke="var(--color-focus)"
      strokeWidth={Math.min(5, layout.cellHeight / 6)}
    />
  );
}
