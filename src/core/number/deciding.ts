import { type Exact, exact, keyOf } from "./exact";
import { isFraction } from "./fraction-text";
import { listWords } from "./list-words";
import { piecesOf } from "./pieces";
import type { Place } from "./place-value";
import { placeName } from "./place-words";
import { showNumber } from "./show-number";

/** The digits of numbers by place, from the largest place that one of them needs to the smallest; null without pieces. */
export type Digits = { readonly places: readonly Place[]; readonly rows: readonly (readonly number[])[] };

/**
 * Numbers one below the other, digit under digit of the same place; empty places before a number are 0.
 * @returns null where one of them cannot be shown in pieces
 */
export function digitsOf(numbers: readonly Exact[]): Digits | null {
  const all = numbers.map((number) => piecesOf(number));
  if (all.some((pieces) => pieces === null)) return null;
  const known = all.flatMap((pieces) => pieces ?? []).map(({ place }) => place);
  const [largest, smallest] = [Math.max(0, ...known), Math.min(0, ...known)];
  const places = Array.from({ length: largest - smallest + 1 }, (_, i) => largest - i);
  const rows = all.map((pieces) =>
    places.map((place) => pieces?.find((some) => some.place === place)?.count ?? 0),
  );
  return { places, rows };
}

/** The digits of numbers as they were typed; null where one of them was typed as a fraction, or has no pieces. */
export const digitsOfTyped = (texts: readonly string[]): Digits | null =>
  texts.some(isFraction) ? null : digitsOf(texts.map((text) => exact(text)));

/** The place that decides which of two numbers is larger, from the largest place down; null where they are equal. */
export function decidingPlace(a: Exact, b: Exact): Place | null {
  const digits = digitsOf([a, b]);
  if (digits === null) return null;
  const [row, other] = digits.rows as [readonly number[], readonly number[]];
  const at = row.findIndex((digit, i) => digit !== other[i]);
  return at < 0 ? null : digits.places[at]!;
}

/** Groups of numbers, by where they stand, that are alike from the largest place down to one of them. */
export function alikeDownTo({ places, rows }: Digits, place: Place): number[][] {
  const until = places.indexOf(place) + 1;
  const groups = new Map<string, number[]>();
  for (const [i, row] of rows.entries()) {
    const key = row.slice(0, until).join(" ");
    groups.set(key, [...(groups.get(key) ?? []), i]);
  }
  return [...groups.values()].filter((group) => group.length > 1);
}

/**
 * The result of comparing numbers at a place: it decides, or some of them are alike and the next place must be
 * compared.
 */
export function decidingWords(numbers: readonly Exact[], place: Place): string {
  const digits = digitsOf(numbers);
  if (digits === null || !digits.places.includes(place)) return "";
  const alike = alikeDownTo(digits, place);
  const name = placeName(place);
  if (alike.length === 0) return `The ${name} decide.`;
  const next = digits.places[digits.places.indexOf(place) + 1];
  const told = alike.map((group) => listWords(group.map((i) => showNumber(keyOf(numbers[i]!)))));
  const ask = next === undefined ? "They are equal." : `Look at the ${placeName(next)}.`;
  return `${told.join("; ")}: the same ${name}. ${ask}`;
}
