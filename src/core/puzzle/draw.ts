import { uniformInt } from "pure-rand/distribution/uniformInt";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { type Checked, schema } from "../schema";

/** Where chance begins: kept in the lesson, so that the same lesson draws the same. A whole number below 2³¹. */
export const Seed = schema((z) => z.int().check(z.minimum(0), z.maximum(2 ** 31 - 1)));
export type Seed = Checked<typeof Seed>;

/** Gives whole numbers by chance, from `least` to `most`, both included; the same ones for the same start. */
export type Chance = (least: number, most: number) => number;

/** The chance of the nth draw of a seed: draws do not depend on how much the ones before them took. */
export function chanceOf(seed: Seed, nth = 0): Chance {
  const generator = xoroshiro128plus((seed ^ Math.imul(nth + 1, 0x9e3779b1)) | 0);
  return (least, most) => uniformInt(generator, least, most);
}

/** `count` of the items by chance, in their order; all of them where there are no more. */
export function pick<T>(items: readonly T[], count: number, chance: Chance): T[] {
  const indexes = shuffle([...items.keys()], chance).slice(0, Math.max(0, count));
  return indexes.sort((a, b) => a - b).map((index) => items[index]!);
}

/** Tries for a draw that is not there yet, before one comes again. */
const TRIES = 40;

/**
 * So many draws, none like one before it, as long as there are others.
 * @param sameAs what two draws have alike that are the same
 */
export function drawDifferent<T>(count: number, draw: (nth: number) => T, sameAs: (one: T) => string): T[] {
  const seen = new Set<string>();
  return Array.from({ length: count }, (_, nth) => {
    let one = draw(nth);
    for (let tries = 0; seen.has(sameAs(one)) && tries < TRIES; tries += 1) one = draw(nth);
    seen.add(sameAs(one));
    return one;
  });
}

/** The items in an order of chance, each order as likely as any other (Fisher and Yates). */
export function shuffle<T>(items: readonly T[], chance: Chance): T[] {
  const left = [...items];
  for (let last = left.length - 1; last > 0; last -= 1) {
    const other = chance(0, last);
    [left[last], left[other]] = [left[other]!, left[last]!];
  }
  return left;
}

/** A seed from a text, such as the id of a board. */
export function seedOf(text: string): Seed {
  let seed = 0;
  for (const sign of text) seed = (Math.imul(seed, 31) + sign.codePointAt(0)!) & 0x7fffffff;
  return seed;
}
