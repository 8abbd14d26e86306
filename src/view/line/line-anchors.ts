import { exact } from "@/core/number/exact";
import { isCellKey } from "@/core/surface/cell-key";
import type { Anchors } from "../pen/anchors";
import type { LineLayout } from "./line-layout";
import { nearestNumber } from "./number-near";

/**
 * What is drawn over a line belongs to the nearest number, and slides with it.
 * @param grow how many times as large as it was laid out the line stands there
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
