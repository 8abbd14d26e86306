import type { Exact } from "./exact";

/** The ones digit, 0–9, of the whole part of a number, its sign aside: 48 → 8, −37 → 7, 6.2 → 6. */
export function onesDigit(value: Exact): number {
  return Number((value.n / value.d) % 10n);
}
