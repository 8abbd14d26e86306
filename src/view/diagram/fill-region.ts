import { round } from "../round";
import { type Oval, type Row, rowsIn } from "./ovals";

/** A word in a region, and its width, in font sizes. */
export type Word = { readonly text: string; readonly wide: number };

/** A row of a region with the words that stand in it, by their places among all of its words. */
export type Filled = Row & { readonly words: readonly number[] };

/** The height of a line and the room between two words, in font sizes. */
export const [LINE, GAP] = [1.22, 0.42];
/** The distance of words from an outline, in font sizes, plus half the outline's width, in pixels. */
const [AWAY, OUTLINE] = [0.22, 3];

/** Places words in as few rows as possible about the middle of a region at a font size; null if there is no room. */
export function fillRegion(
  ovals: readonly Oval[],
  bits: number,
  words: readonly Word[],
  size: number,
): Filled[] | null {
  if (words.length === 0) return [];
  const pad = AWAY * size + OUTLINE;
  for (let count = 1; ; count += 1) {
    const rows = rowsIn(ovals, bits, count, LINE * size, pad);
    if (rows.length < count) return null;
    const filled = fill(rows, words, size);
    if (filled) return filled;
  }
}

function fill(rows: readonly Row[], words: readonly Word[], size: number): Filled[] | null {
  const filled: Filled[] = [];
  let next = 0;
  for (const row of rows) {
    const first = next;
    let left = row.width;
    while (next < words.length && words[next]!.wide * size <= left) {
      left -= (words[next]!.wide + GAP) * size;
      next += 1;
    }
    if (next > first)
      filled.push({ ...row, words: Array.from({ length: next - first }, (_, i) => first + i) });
  }
  return next === words.length ? filled : null;
}

/** The largest font size within bounds at which all words fit in a region; null if not even the smallest does. */
export function sizeInRegion(
  ovals: readonly Oval[],
  bits: number,
  words: readonly Word[],
  largest: number,
  smallest: number,
): number | null {
  // Bisection: what fits at one size fits at every smaller one.
  let [fits, above] = [0, Math.floor(largest) + 1];
  if (fillRegion(ovals, bits, words, smallest) === null) return null;
  fits = Math.floor(smallest);
  while (above - fits > 1) {
    const size = Math.floor((fits + above) / 2);
    if (fillRegion(ovals, bits, words, size) === null) above = size;
    else fits = size;
  }
  return round(Math.max(fits, smallest));
}
