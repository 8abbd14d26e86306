import { exact } from "@/core/number/exact";
import { isCellKey } from "@/core/surface/cell-key";
import type { Anchors } from "../pen/anchors";
import type { LineLayout } from "./line-layout";
import { nearestNumber } from "./number-near";

/** What is drawn over a line belongs to the nearest number, and slides with it. */
export function lineAnchors(layout: LineLayout): Anchors {
  return {
    at: (point) => nearestNumber(layout, point),
    of: (number) => {
      if (number === null || isCellKey(number)) return null;
      const part = layout.placing.partOf(exact(number));
      if (part < -1 || part > 2) return null;
      return { ...layout.geometry.point(part, 0), unit: layout.numeral * 2 };
    },
  };
}
