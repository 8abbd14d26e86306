import type { Stroke } from "@/core/scene/pen";
import type { Anchors, Point } from "./anchors";

/**
 * Where the layer of what is drawn by hand has its origin: at the first of its numbers in sight. The strokes keep their
 * distances from it while a line slides, so that only the layer moves. Null if they are in no layer of their own: a
 * highlighter lets through what lies under it.
 */
export function layerOrigin(strokes: readonly Stroke[], anchors: Anchors): Point | null {
  if (strokes.some(({ tool }) => tool === "highlighter")) return null;
  for (const { number } of strokes) {
    const place = anchors.of(number);
    if (place) return { x: place.x, y: place.y };
  }
  return null;
}

/** Where numbers stand, seen from an origin. */
export const anchorsFrom = (anchors: Anchors, origin: Point): Anchors => ({
  at: ({ x, y }) => anchors.at({ x: x + origin.x, y: y + origin.y }),
  of: (number) => {
    const place = anchors.of(number);
    return place && { ...place, x: place.x - origin.x, y: place.y - origin.y };
  },
});
