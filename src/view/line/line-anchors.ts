import { exact } from "@/core/number/exact";
import { isCellKey } from "@/core/surface/cell-key";
import type { Anchors } from "../pen/anchors";
import type { LineLayout } from "./line-layout";
import { nearestNumber } from "./number-near";

/**
 * Strokes over a line belong to the nearest number, and slide with it.
 * @param grow the scale at which the laid-out line is shown
 */
export function lineAnchors(layout: LineLayout, grow = 1): Anchors {
  return {
    at: ({ x, y }) => nearestNumber(layout, { x: x / grow, y: y / grow }),
    of: (number) => {
      if (number === null || isCellKey(number)) return null;
      const part = layout.placing.partOf(exact(number));
      if (part < -1 || part > 2) return null;
      const { x, y } = layout.geometry.point(part, 0);
      return { x: x * grow, y: y * grow, unit: layout.numeral * 2 * grow };
    },
  };
}
