import type { Exact } from "./exact";
import { remembered } from "./remembered";

/** The places of whole numbers that rules speak of, and the power of ten of each. */
export const PLACES = { ones: 0, tens: 1, hundreds: 2 } as const;
export type PlaceName = keyof typeof PLACES;

/** The ones digit, 0–9, of the whole part of a number, its sign aside: 48 → 8, −37 → 7, 6.2 → 6. */
export function onesDigit(value: Exact): number {
  return Number((value.n / value.d) % 10n);
}

/**
 * The digit written at a place of the whole part of a number, its sign aside: 0–9, or null where the number is
 * written without that place. 148 has the tens digit 4, 105 has 0, and 7 has none.
 */
export function digitAt(value: Exact, place: PlaceName): number | null {
  const power = PLACES[place];
  const rest = value.n / value.d / 10n ** BigInt(power);
  return rest === 0n && power > 0 ? null : Number(rest % 10n);
}

const digitsOfSize = remembered((size): readonly number[] => Array.from(String(size), Number));

/** The digits of a whole number of at most 15 digits, from the left, its sign aside: −370 → 3, 7, 0. */
export const digitsOfWhole = (number: number): readonly number[] => digitsOfSize(Math.abs(number));
