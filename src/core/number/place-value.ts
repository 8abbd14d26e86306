import { type Exact, exact } from "./exact";

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

/** A number of pieces of one place: 3 tens. */
export type Pieces = { readonly place: Place; readonly count: number };

/** What one piece of a place is worth: 100 at 2, 0.1 at −1. */
export const worthOf = (place: Place): Exact =>
  place < 0 ? exact(1).div(exact(10n ** BigInt(-place))) : exact(10n ** BigInt(place));

const IN_ONE = 10n ** BigInt(-SMALLEST_PLACE);
/** From this many of the smallest pieces on, a number needs another place. */
export const TOO_MANY = 10 ** (LARGEST_PLACE + 1 - SMALLEST_PLACE);

/**
 * A number in thousandths, the smallest pieces; null if it is no whole number of them, is below 0, or needs more
 * places.
 */
export function smallestPieces({ n, d, s }: Exact): number | null {
  if (IN_ONE % d !== 0n || (s < 0n && n > 0n)) return null;
  // A JavaScript number is exact for the largest number of pieces.
  const parts = Number(n) * Number(IN_ONE / d);
  return parts < TOO_MANY ? parts : null;
}

/** What pieces are worth together, exchanged or not: 1 ten and 13 ones are 23. */
export const worthTogether = (pieces: readonly Pieces[]): Exact =>
  pieces.reduce((sum, { place, count }) => sum.add(worthOf(place).mul(exact(count))), exact(0));

/**
 * Maximum number of pieces of one place before they must be exchanged: two numbers' worth, and a ten that was broken
 * up.
 */
export const MAX_TOGETHER = 29;
