import type { Ink } from "@/core/set/ink";
import { round } from "../round";
import type { Shape } from "../shape";
import { INK_CORNERS, INK_STYLE } from "./ink-style";

export type InkFigureAt = { ink: Ink; x: number; y: number; radius: number; color?: string };

/**
 * An ink's shape within a drawing. Its corners are computed here instead of using a transform: a chart has a thousand
 * of them, and every transform costs the browser a layer to sort at each touch.
 */
export function inkFigure({ ink, x, y, radius, color = INK_STYLE[ink].figure }: InkFigureAt): Shape {
  if (ink === "sun")
    return {
      tag: "circle",
      attributes: { cx: round(x), cy: round(y), r: round(radius * 0.95), fill: color },
    };
  const corners = INK_CORNERS[ink].map(([dx, dy]) => `${round(x + dx * radius)},${round(y + dy * radius)}`);
  return { tag: "polygon", attributes: { points: corners.join(" "), fill: color } };
}
