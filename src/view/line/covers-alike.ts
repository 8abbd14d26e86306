import { isCovered, writtenIn } from "@/core/scene/cell-state";
import { round } from "../round";
import type { Label } from "./place-labels";

const isCover = ({ state }: Label): boolean => isCovered(state) && writtenIn(state) === undefined;

/** The gap between a cover and what stands beside it, in pixels. */
const GAP = 4;

/**
 * The labels of a line, its covers as wide and as high as the largest label, or as there is room beside the others: a
 * cover that was wider over 100 than over 90 would tell which of them is under it.
 */
export function coversAlike(
  labels: readonly Label[],
  { widest, tallest }: { widest: number; tallest: number },
): readonly Label[] {
  if (!labels.some(isCover)) return labels;
  const roomBeside = (label: Label, other: Label): number => {
    const apart = Math.abs(other.x - label.x);
    const free = 2 * apart - other.width - 2 * GAP;
    // Two covers share the room between them.
    return isCover(other) ? Math.min(free, apart - GAP) : free;
  };
  return labels.map((label) => {
    if (!isCover(label)) return label;
    const beside = labels.filter(
      (other) =>
        other !== label && Math.abs(other.y - label.y) < (Math.max(other.height, tallest) + tallest) / 2,
    );
    const room = Math.min(widest, ...beside.map((other) => roomBeside(label, other)));
    // Round a small ring there may be none.
    return room < label.width ? label : { ...label, width: round(room), height: tallest };
  });
}
