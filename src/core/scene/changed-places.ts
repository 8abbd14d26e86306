import type { Target } from "../surface/place-key";
import type { Scene } from "./scene";
import { SLICES } from "./slices";

/**
 * The numbers and places of which two scenes may say something else; null where that may be any. What is said of a
 * number holds for all places it lives in. Takes time in proportion to what was done by hand, not to the places.
 */
export function changedPlaces(before: Scene, after: Scene): ReadonlySet<Target> | null {
  const all = new Set<Target>();
  for (const { changed } of SLICES) {
    const some = changed?.(before, after) ?? [];
    if (some === "any") return null;
    for (const target of some) all.add(target);
  }
  return all;
}
