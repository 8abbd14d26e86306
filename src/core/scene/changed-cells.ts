import type { Target } from "../surface/cell-key";
import type { Scene } from "./scene";
import { SLICES } from "./slices";

/**
 * The numbers and cells of which two scenes may say something else; null where that may be any. What is said of a
 * number holds for all cells it lives in. Takes time in proportion to what was done by hand, not to the cells.
 */
export function changedCells(before: Scene, after: Scene): ReadonlySet<Target> | null {
  const all = new Set<Target>();
  for (const { changed } of SLICES) {
    const some = changed?.(before, after) ?? [];
    if (some === "any") return null;
    for (const target of some) all.add(target);
  }
  return all;
}
