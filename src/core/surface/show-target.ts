import type { NumberKey } from "../number/exact";
import { showNumber } from "../number/show-number";
import { isPlaceKey, placeAt, type Target } from "./place-key";

/** A number as it stands on the screen, or as `write` has it; a place of a times grid as its product, `3 × 8`. */
export function showTarget(target: Target, write: (number: NumberKey) => string = showNumber): string {
  if (!isPlaceKey(target)) return write(target);
  const { row, column } = placeAt(target);
  return `${showNumber(String(row))} × ${showNumber(String(column))}`;
}
