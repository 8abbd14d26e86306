import simplify from "simplify-js";
import { FAR, MAX_POINTS, UNIT } from "./pen";

type Point = { x: number; y: number };

/** Maximum distance between a stored stroke and the one that was drawn, in units: too little to be seen. */
const NEAR = 0.008;

/** Thins out the points of a stroke, in units: its first, its last, and as many between them as its shape needs. */
export function keepPoints(points: readonly Point[]): number[] {
  let kept = simplify([...points], NEAR);
  for (let near = NEAR * 2; kept.length > MAX_POINTS; near *= 2) kept = simplify(kept, near);
  const inside = (value: number) => Math.max(-FAR, Math.min(FAR, Math.round(value * UNIT)));
  return kept.flatMap(({ x, y }) => [inside(x), inside(y)]);
}
