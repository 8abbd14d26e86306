import type { Rule } from "@/core/set/rule";
import { sentenceParts } from "@/core/set/sentence-parts";
import type { Size } from "../drawing";

/** Maximum number of conditions in a sentence. */
export const MAX_SAID = 3;
/** Minimum width of a tile, in pixels; and the size of the kept sentences, relative to the sentence. */
const MIN_TILE = 56;
export const HEARD = 0.8;
const SMALLEST = 0.65;
const SMALLER = [1, 0.8, SMALLEST] as const;
/** Maximum share of the height for the sentence, and the minimum that the chart below it keeps. */
const SENTENCE = 0.45;
const CHART = 0.38;
/** The gaps between the sentence, the kept sentences and the chart, and between tiles, in pixels. */
export const GAP = 12;
const BETWEEN = 8;

/** The approximate height of a sentence, in as many rows as its tiles need. */
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

/** The type size of a sentence: a long one is smaller, so that its shading can be seen below it. */
export const sizeOf = (rule: Rule | null, { width, height }: Size, largest: number): number =>
  largest * (SMALLER.find((part) => highOf(rule, width, largest * part) <= height * SENTENCE) ?? SMALLEST);

/** The number of rows that tiles need. */
function rowsOf(tiles: readonly number[], width: number, gap: number): number {
  let [rows, at] = [1, 0];
  for (const tile of tiles) {
    if (at > 0 && at + tile > width) [rows, at] = [rows + 1, 0];
    at += tile + gap;
  }
  return rows;
}

/** The latest of the kept sentences that leave the second chart its room, from an index on; and their height. */
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
