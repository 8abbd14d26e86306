import { PLACE_KEYS, type Place, type PlaceKey, SMALLEST_PLACE } from "./place-value";

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

const LETTERS: Readonly<Record<PlaceKey, string>> = {
  thousandths: "th",
  hundredths: "h",
  tenths: "t",
  ones: "O",
  tens: "T",
  hundreds: "H",
  thousands: "Th",
  "ten-thousands": "TTh",
  "hundred-thousands": "HTh",
  millions: "M",
  "ten-millions": "TM",
};

/**
 * The letters that stand for a place at the head of its column: H, T and O, and small ones past the point. Common practice.
 * @throws RangeError for a place that has no name
 */
export const placeLetters = (place: Place): string => LETTERS[placeKey(place)];
