import type { NumberKey } from "./exact";

/** A number as it stands on the screen: the key with the real minus sign, `−3`. */
export function showNumber(key: NumberKey): string {
  return key.startsWith("-") ? `−${key.slice(1)}` : key;
}
