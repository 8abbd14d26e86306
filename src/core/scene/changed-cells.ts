import type { Target } from "../surface/cell-key";
import type { Scene } from "./scene";
import { SLICES } from "./slices";

/**
 * The numbers and cells about which two scenes may differ; null if that may be any. A number stands for all cells it
 * lives in. Takes time in proportion to the number of changes, not of cells.
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
