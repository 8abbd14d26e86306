import type { NumberKey } from "./exact";
import { groupDigits } from "./group-digits";

/**
 * A number as it stands on the screen: its digits in groups of three, with the real minus sign, `−1,200.5`; a fraction
 * as it was written, `1 1/4`.
 */
export function showNumber(key: NumberKey): string {
  const minus = key.startsWith("-");
  if (!minus && key.length <= 3) return key;
  // Digits after a decimal point are not grouped.
  const grouped = (minus ? key.slice(1) : key).replace(/(?<![\d.])\d+/g, groupDigits);
  return minus ? `−${grouped}` : grouped;
}
