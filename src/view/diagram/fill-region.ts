import { round } from "../round";
import { type Oval, type Row, rowsIn } from "./ovals";

/** What stands in a region, and how wide it is, in font sizes. */
export type Word = { readonly text: string; readonly wide: number };

/** A row of a region with the words that stand in it, by their places among all of its words. */
export type Filled = Row & { readonly words: readonly number[] };

/** The height of a line and the room between two words, in font sizes. */
export const [LINE, GAP] = [1.22, 0.42];
/** How far words keep from an outline: so much and half its width, in font sizes and pixels. */
const [AWAY, OUTLINE] = [0.22, 3];

/** Words in the fewest rows about the middle of a region that hold them all at a font size; null where there is no room. */
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

/** The largest font size up to one at which some words all have room in a region; null if they have none even at the smallest. */
export function sizeInRegion(
  ovals: readonly Oval[],
  bits: number,
  words: readonly Word[],
  largest: number,
  smallest: number,
): number | null {
  // Sizes are tried from both ends: what has room at one has room at every smaller one.
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
