import { uniformInt } from "pure-rand/distribution/uniformInt";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { type Checked, schema } from "../schema";

/** The seed of random draws, kept in the lesson so that the same lesson draws the same. A whole number below 2³¹. */
export const Seed = schema((z) => z.int().check(z.minimum(0), z.maximum(2 ** 31 - 1)));
export type Seed = Checked<typeof Seed>;

/** Returns random whole numbers from `min` to `max`, both included; the same ones for the same seed. */
export type Random = (min: number, max: number) => number;

/** The random numbers of the nth draw of a seed: draws do not depend on how many numbers earlier ones used. */
export function randomOf(seed: Seed, nth = 0): Random {
  const generator = xoroshiro128plus((seed ^ Math.imul(nth + 1, 0x9e3779b1)) | 0);
  return (min, max) => uniformInt(generator, min, max);
}

/** Picks `count` items at random, in their order; all of them if there are no more. */
export function pick<T>(items: readonly T[], count: number, random: Random): T[] {
  const indexes = shuffle([...items.keys()], random).slice(0, Math.max(0, count));
  return indexes.sort((a, b) => a - b).map((index) => items[index]!);
}

/** Number of attempts to draw something new before a repetition is accepted. */
const TRIES = 40;

/**
 * Draws `count` times without repetition, as long as there are other results.
 * @param sameAs what two equal draws have in common
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

/** Shuffles items, each order equally likely (Fisher and Yates). */
export function shuffle<T>(items: readonly T[], random: Random): T[] {
  const left = [...items];
  for (let last = left.length - 1; last > 0; last -= 1) {
    const other = random(0, last);
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
