import { isPlaceKey, placeAt, type Target } from "../surface/place-key";

/** A number as it stands on the screen: the key with the real minus sign, `−3`; a place of a times grid as `3 × 8`. */
export function showNumber(key: Target): string {
  if (isPlaceKey(key)) {
    const { row, column } = placeAt(key);
    return `${row} × ${column}`;
  }
  return key.startsWith("-") ? `−${key.slice(1)}` : key;
}
