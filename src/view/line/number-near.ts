import { exact, keyOf, type NumberKey } from "@/core/number/exact";
import { nearestTick } from "@/core/surface/line-slide";
import type { Point } from "./line-geometry";
import type { LineLayout } from "./line-layout";

/** The number nearest to a touch: one that has a label under the finger, else the nearest tick. */
export function numberNear(layout: LineLayout, at: Point): NumberKey {
  const under = layout.labels.find(
    ({ x, y, width, height }) => Math.abs(at.x - x) <= width / 2 && Math.abs(at.y - y) <= height / 2,
  );
  if (under && layout.geometry.shape !== "strip") return under.key;
  return nearestNumber(layout, at);
}

/** The number of the tick that is nearest to a point, whatever labels stand there. */
export function nearestNumber(layout: LineLayout, at: Point): NumberKey {
  const value = layout.placing.valueAt(layout.geometry.partUnder(at));
  return keyOf(nearestTick(layout.scale, value));
}

/** Where a number of a line has its label, or would have it: its middle and its size. */
export function boxAt(layout: LineLayout, key: NumberKey): Point & { width: number; height: number } {
  const label = layout.labels.find((one) => one.key === key);
  if (label) return label;
  const { x, y } = layout.geometry.point(layout.placing.partOf(exact(key)), 0);
  return { x, y, width: layout.numeral * 1.4, height: layout.numeral * 1.6 };
}
