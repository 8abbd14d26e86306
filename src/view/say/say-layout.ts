import type { Rule } from "@/core/set/rule";
import { sentenceParts } from "@/core/set/sentence-parts";
import type { Size } from "../drawing";

/** Most conditions that a sentence is put together from. */
export const MAX_SAID = 3;
/** The narrowest tile, in pixels; and the size of what was heard, in that of the sentence. */
const MIN_TILE = 56;
export const HEARD = 0.8;
const SMALLEST = 0.65;
const SMALLER = [1, 0.8, SMALLEST] as const;
/** How much of the height the sentence may take, and what the chart below it keeps in any case. */
const SENTENCE = 0.45;
const CHART = 0.38;
/** The room between the sentence, what was heard and the chart, in pixels; of tiles to each other. */
export const GAP = 12;
const BETWEEN = 8;

/** About how high a sentence is, in as many rows as its tiles need. */
export function highOf(rule: Rule | null, width: number, text: number): number {
  const tiles = rule ? sentenceParts(rule) : [{ text: "…" }];
  const adds = rule === null || rule.conditions.length >= MAX_SAID ? [] : [{ text: "+" }];
  const wide = [...tiles, ...adds].map((part) =>
    "word" in part
      ? part.word.length * 0.55 * text
      : Math.max(MIN_TILE, (part.text.length * 0.55 + 1) * text),
  );
  const rows = rowsOf([6.3 * text, ...wide], width, 0.35 * text);
  return rows * (1.9 * text + BETWEEN) - BETWEEN;
}

/** The type size of a sentence: a long one is smaller, for what it shades is to be seen below it. */
export const sizeOf = (rule: Rule | null, { width, height }: Size, largest: number): number =>
  largest * (SMALLER.find((part) => highOf(rule, width, largest * part) <= height * SENTENCE) ?? SMALLEST);

/** In how many rows tiles stand. */
function rowsOf(tiles: readonly number[], width: number, gap: number): number {
  let [rows, at] = [1, 0];
  for (const tile of tiles) {
    if (at > 0 && at + tile > width) [rows, at] = [rows + 1, 0];
    at += tile + gap;
  }
  return rows;
}

/** The last of the sentences that were heard, from one on, that leave the second chart its room; and how high they stand. */
export function lastHeard(heard: readonly string[], size: Size, text: number, sentence: number) {
  const font = text * HEARD;
  const room = size.height - sentence - 2 * GAP - Math.min(size.height * CHART, size.width * 0.55);
  const tileOf = (words: string) => (words.length + 2) * 0.52 * font + 24;
  let best = { from: heard.length, high: 0 };
  for (let from = heard.length - 1; from >= 0; from -= 1) {
    const tiles = [...(from > 0 ? ["14 more before"] : []), ...heard.slice(from)].map(tileOf);
    const lines = tiles.reduce((sum, tile) => sum + Math.ceil(tile / size.width) - 1, 0);
    const rows = rowsOf(tiles, size.width, BETWEEN);
    const high = rows * (1.5 * font + 16 + BETWEEN) + lines * 1.5 * font - BETWEEN;
    if (high > room) break;
    best = { from, high };
  }
  return best;
}
