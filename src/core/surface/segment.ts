/** A point of a drawing, in whatever unit it is drawn in. */
export type Point = { readonly x: number; readonly y: number };

/** The distance from a point to a straight segment, in their unit. */
export function distanceToSegment(at: Point, a: Point, b: Point): number {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const squared = dx * dx + dy * dy;
  const along = squared === 0 ? 0 : ((at.x - a.x) * dx + (at.y - a.y) * dy) / squared;
  const part = Math.max(0, Math.min(1, along));
  return Math.hypot(at.x - a.x - part * dx, at.y - a.y - part * dy);
}
