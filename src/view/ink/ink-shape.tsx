import type { Ink } from "@/core/lesson/ink";
import { round } from "../round";
import { INK_CORNERS, INK_LOOK } from "./ink-look";

type FigureProps = { ink: Ink; x: number; y: number; radius: number; color?: string };

/**
 * An ink's shape within a drawing. Its corners are worked out here and not by a transform: a chart has a thousand of
 * them, and every transform costs the browser a layer to sort at each touch.
 */
export function InkFigure({ ink, x, y, radius, color = INK_LOOK[ink].figure }: FigureProps) {
  if (ink === "sun") return <circle cx={round(x)} cy={round(y)} r={round(radius * 0.95)} fill={color} />;
  const corners = INK_CORNERS[ink].map(([dx, dy]) => `${round(x + dx * radius)},${round(y + dy * radius)}`);
  return <polygon points={corners.join(" ")} fill={color} />;
}

/** An ink's shape on its own, for buttons and lists. */
export function InkShape({ ink, size, color }: { ink: Ink; size: number; color?: string }) {
  return (
    <svg width={size} height={size} viewBox="-1.3 -1.3 2.6 2.6" aria-hidden>
      <InkFigure ink={ink} x={0} y={0} radius={1} {...(color ? { color } : {})} />
    </svg>
  );
}
