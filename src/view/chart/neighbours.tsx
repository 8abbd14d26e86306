import { isCoveredAt, type Scene } from "@/core/scene/scene";
import type { ChartSettings } from "@/core/surface/chart";
import { neighbourOf } from "@/core/surface/neighbours";
import { SIDES, type Side } from "@/core/surface/sides";
import { type ChartLayout, cornerOf, GUIDE_ROOM, guidesGrown, textIn } from "./chart-layout";

export type NeighboursProps = {
  layout: ChartLayout;
  settings: ChartSettings;
  scene: Scene;
  /** The gap between the chart's touch edges and the names, in pixels: at the left and below. */
  gap: number;
};

/** The four neighbours of the number in focus, named on the sides they lie on. */
export function Neighbours({ layout, settings, scene, gap }: NeighboursProps) {
  const index = scene.focus === null ? undefined : layout.indexOf.get(scene.focus);
  if (index === undefined) return null;
  const { x, y } = cornerOf(layout, index);
  const { cellWidth: w, cellHeight: h, width, height } = layout;
  const grow = guidesGrown(layout);
  const room = { side: GUIDE_ROOM.side * grow, top: GUIDE_ROOM.top * grow };
  const where: Record<Side, { x: number; y: number }> = {
    left: { x: -room.side / 2 - gap, y: y + h / 2 },
    right: { x: width + room.side / 2, y: y + h / 2 },
    up: { x: x + w / 2, y: -room.top / 2 },
    down: { x: x + w / 2, y: height + gap + room.top / 2 },
  };
  return (
    <g data-part="guides" fill="currentColor" textAnchor="middle">
      {SIDES.map((side) => {
        const beside = neighbourOf(settings, scene.focus!, side);
        if (!beside) return null;
        const number = isCoveredAt(scene, beside.number) ? "?" : textIn(layout, beside.number);
        const words = { fontSize: 18 * grow, fill: "var(--color-quiet)", fontWeight: 600 };
        const numeral = { fontSize: 26 * grow, fontWeight: 700, className: "font-numeral" };
        return side === "up" || side === "down" ? (
          <text key={side} {...where[side]} dominantBaseline="central">
            <tspan {...words}>{`${beside.words}: `}</tspan>
            <tspan {...numeral}>{number}</tspan>
          </text>
        ) : (
          <text key={side}>
            <tspan {...where[side]} dy={-6 * grow} {...words}>
              {beside.words}
            </tspan>
            <tspan x={where[side].x} dy={27 * grow} {...numeral}>
              {number}
            </tspan>
          </text>
        );
      })}
    </g>
  );
}
