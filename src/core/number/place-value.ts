import { type Exact, exact, keyOf, type NumberKey } from "./exact";

/** The places of digits, as powers of ten: from thousandths to ten millions. */
export const SMALLEST_PLACE = -3;
export const LARGEST_PLACE = 7;

/** The power of ten of a place: 0 of the ones, 1 of the tens, −1 of the tenths. */
export type Place = number;

/** The places by name, from the smallest. */
export const PLACE_KEYS = [
  "thousandths",
  "hundredths",
  "tenths",
  "ones",
  "tens",
  "hundreds",
  "thousands",
  "ten-thousands",
  "hundred-thousands",
  "millions",
  "ten-millions",
] as const;
export type PlaceKey = (typeof PLACE_KEYS)[number];

/** The name under which a place is kept. @throws RangeError for a place that has no name */
export function placeKey(place: Place): PlaceKey {
  const key = PLACE_KEYS[place - SMALLEST_PLACE];
  if (key === undefined) throw new RangeError(`No place has the power ${place}.`);
  return key;
}

/**
 * What the pieces of a place are called: 1 "ten", 3 "tens", and "tens" of no number in particular.
 * @throws RangeError for a place that has no name
 */
export function placeName(place: Place, count?: number): string {
  const many = placeKey(place).replace("-", " ");
  return count === 1 ? many.slice(0, -1) : many;
}

/** So many pieces of one place: 3 tens. */
export type Pieces = { readonly place: Place; readonly count: number };

/** What one piece of a place is worth: 100 at 2, 0.1 at −1. */
export const worthOf = (place: Place): Exact =>
  place < 0 ? exact(1).div(exact(10n ** BigInt(-place))) : exact(10n ** BigInt(place));

const IN_ONE = 10n ** BigInt(-SMALLEST_PLACE);
/** So many of the smallest pieces are a number that needs another place. */
export const TOO_MANY = 10 ** (LARGEST_PLACE + 1 - SMALLEST_PLACE);

/** A number in thousandths, the smallest pieces; null where it has a part of one, is below 0, or needs more places. */
export function smallestPieces({ n, d, s }: Exact): number | null {
  if (IN_ONE % d !== 0n || (s < 0n && n > 0n)) return null;
  // Up to the largest number of pieces a number of JavaScript is exact.
  const parts = Number(n) * Number(IN_ONE / d);
  return parts < TOO_MANY ? parts : null;
}

/**
 * A number as pieces, from its largest place down to the ones, or to its last decimal: 204 is 2 hundreds, no tens and 4
 * ones; 0.5 is no ones and 5 tenths.
 * @returns null where a number cannot be shown so: below 0, a third, a part of a thousandth, a hundred million or more
 */
export function piecesOf(value: Exact): Pieces[] | null {
  const parts = smallestPieces(value);
  if (parts === null) return null;
  const digits = parts.toString().padStart(1 - SMALLEST_PLACE, "0");
  const largest = digits.length - 1 + SMALLEST_PLACE;
  const all = [...digits].map((digit, i) => ({ place: largest - i, count: Number(digit) }));
  const last = all.findLastIndex(({ place, count }) => place >= 0 || count > 0);
  return all.slice(0, last + 1);
}

/** What pieces are worth together, exchanged or not: 1 ten and 13 ones are 23. */
export const worthTogether = (pieces: readonly Pieces[]): Exact =>
  pieces.reduce((sum, { place, count }) => sum.add(worthOf(place).mul(exact(count))), exact(0));

/**
 * A number in expanded form, as the numbers that its digits are worth: 264 is 200, 60 and 4; 204 is 200 and 4; 0 is 0.
 * @returns null where it has no pieces
 */
export function expandedForm(value: Exact): NumberKey[] | null {
  const pieces = piecesOf(value);
  if (pieces === null) return null;
  const worth = pieces
    .filter(({ count }) => count > 0)
    .map(({ place, count }) => keyOf(worthOf(place).mul(exact(count))));
  return worth.length === 0 ? ["0"] : worth;
}
