import { type Exact, exact, keyOf, type NumberKey } from "./exact";
import {
  LARGEST_PLACE,
  MAX_TOGETHER,
  type Pieces,
  type Place,
  SMALLEST_PLACE,
  smallestPieces,
  worthOf,
  worthTogether,
} from "./place-value";

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

/**
 * Pieces in expanded form, as the numbers that those of each place are worth: of 264 it is 200, 60 and 4, of 204 200 and 4;
 * of 2 tens and 13 ones 20 and 13; of nothing 0.
 */
export function expandedForm(pieces: readonly Pieces[]): { place: Place; worth: NumberKey }[] {
  const some = pieces.filter(({ count }) => count > 0);
  return (some.length === 0 ? [{ place: 0, count: 0 }] : some).map(({ place, count }) => ({
    place,
    worth: keyOf(worthOf(place).mul(exact(count))),
  }));
}

/** The pieces without empty places before the first one, down to the ones at least. */
function tidied(counts: ReadonlyMap<Place, number>): Pieces[] {
  const used = [...counts].filter(([, count]) => count > 0).map(([place]) => place);
  const [largest, smallest] = [Math.max(0, ...used), Math.min(0, ...used)];
  return Array.from({ length: largest - smallest + 1 }, (_, i) => ({
    place: largest - i,
    count: counts.get(largest - i) ?? 0,
  }));
}

const countsOf = (pieces: readonly Pieces[]) => new Map(pieces.map(({ place, count }) => [place, count]));

/**
 * Adds pieces of one place, or takes some if `by` is below 0; nothing is exchanged.
 * @returns null if so many cannot be taken, or cannot lie together, or would be worth too much
 */
export function addPieces(pieces: readonly Pieces[], place: Place, by: number): Pieces[] | null {
  const counts = countsOf(pieces);
  const count = (counts.get(place) ?? 0) + by;
  if (count < 0 || count > MAX_TOGETHER || place < SMALLEST_PLACE || place > LARGEST_PLACE) return null;
  const after = tidied(counts.set(place, count));
  return smallestPieces(worthTogether(after)) === null ? null : after;
}

/** Pieces of two numbers laid together, place by place: 2 tens 9 ones and 3 ones are 2 tens 12 ones. */
export function together(a: readonly Pieces[], b: readonly Pieces[]): Pieces[] {
  const counts = countsOf(a);
  for (const { place, count } of b) counts.set(place, (counts.get(place) ?? 0) + count);
  return tidied(counts);
}

/**
 * Ten pieces of a place exchanged for one of the next larger ("made"), or one of that broken up into ten ("broken"). Their
 * worth is as before.
 * @returns null where there are not ten, or there is none to break up, or too many would lie together
 */
export function exchangePieces(
  pieces: readonly Pieces[],
  of: Place,
  way: "made" | "broken",
): Pieces[] | null {
  const counts = countsOf(pieces);
  const [small, large] = [counts.get(of) ?? 0, counts.get(of + 1) ?? 0];
  const after = way === "made" ? [small - 10, large + 1] : [small + 10, large - 1];
  if (after.some((count) => count < 0 || count > MAX_TOGETHER)) return null;
  if (of < SMALLEST_PLACE || of >= LARGEST_PLACE) return null;
  return tidied(counts.set(of, after[0]!).set(of + 1, after[1]!));
}

/** The distance from a number to the next whole ten, hundred or thousand beyond it, and which of these it is. */
export function wantingTo(value: Exact, unit: Exact): { by: Exact; next: Exact } {
  const next = value.div(unit).floor().add(1).mul(unit);
  return { by: next.sub(value), next };
}
