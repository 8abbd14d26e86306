import type { NumberKey } from "../number/exact";
import type { InkSet } from "./ink";
import type { Scene } from "./scene";

/**
 * All that a scene says of one number, in one small whole number, so that a place can tell at a glance whether
 * anything about it has changed: its inks in the five lowest bits, then covered, then in focus.
 */
export type PlaceState = number;

const COVERED = 1 << 5;
const FOCUS = 1 << 6;

export function placeState(scene: Scene, number: NumberKey): PlaceState {
  return (
    (scene.marks.get(number) ?? 0) |
    (scene.covers.has(number) ? COVERED : 0) |
    (scene.focus === number ? FOCUS : 0)
  );
}

export const inksIn = (state: PlaceState): InkSet => state & (COVERED - 1);
export const isCovered = (state: PlaceState): boolean => (state & COVERED) !== 0;
export const isFocus = (state: PlaceState): boolean => (state & FOCUS) !== 0;
