import type { Target } from "../surface/place-key";
import type { Scene } from "./scene";

/**
 * The numbers and places of which two scenes may say something else; null where that may be any. What is said of a
 * number holds for all places it lives in. Takes time in proportion to what was done by hand, not to the places.
 */
export function changedPlaces(before: Scene, after: Scene): ReadonlySet<Target> | null {
  if (before.laid.rules !== after.laid.rules) return null;
  const changed = new Set<Target>();
  addDifferent(changed, before.laid.touched, after.laid.touched);
  addDifferent(changed, before.written, after.written);
  if (before.checked !== after.checked) for (const target of after.written.keys()) changed.add(target);
  const asked = [before.asked?.number, after.asked?.number];
  const focus = [before.focus, after.focus];
  if (before.asked !== after.asked) addGiven(changed, asked);
  if (before.focus !== after.focus || before.hushed !== after.hushed) addGiven(changed, focus);
  return changed;
}

function addDifferent<T>(
  to: Set<Target>,
  before: ReadonlyMap<Target, T>,
  after: ReadonlyMap<Target, T>,
): void {
  if (before === after) return;
  for (const [target, now] of after) if (before.get(target) !== now) to.add(target);
  for (const target of before.keys()) if (!after.has(target)) to.add(target);
}

function addGiven(to: Set<Target>, targets: readonly (Target | null | undefined)[]): void {
  for (const target of targets) if (target !== null && target !== undefined) to.add(target);
}
