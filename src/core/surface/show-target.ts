import { showNumber } from "../number/show-number";
import { isPlaceKey, placeAt, type Target } from "./place-key";

/** A number as it stands on the screen; a place of a times grid as its product, `3 × 8`. */
export function showTarget(target: Target): string {
  if (!isPlaceKey(target)) return showNumber(target);
  const { row, column } = placeAt(target);
  return `${showNumber(String(row))} × ${showNumber(String(column))}`;
}
