import type { Exact } from "../number/exact";
import { exact, keyOf, type NumberKey } from "../number/exact";
import type { Random } from "./draw";

/** The guess about a number that is still covered. */
export const SAID = ["higher", "lower"] as const;
export type Said = (typeof SAID)[number];
export type Range = { readonly from: number; readonly to: number };

/** A random whole number of a range, each equally likely; never the previous one. */
export function drawFrom({ from, to }: Range, before: NumberKey | null, random: Random): NumberKey {
  const was = before === null ? null : Number(before);
  if (was === null || was < from || was > to || from === to) return String(random(from, to));
  const drawn = random(from, to - 1);
  return String(drawn >= was ? drawn + 1 : drawn);
}

/** How likely the next number is to be higher, and lower, than one of the range: together they are 1. */
export function chancesAt({ from, to }: Range, at: number): { higher: Exact; lower: Exact } {
  const others = Math.max(1, to - from);
  return { higher: exact(to - at).div(others), lower: exact(at - from).div(others) };
}

/** Whether the guess is right. */
export const isRight = (said: Said, at: NumberKey, next: NumberKey): boolean =>
  said === (exact(next).compare(exact(at)) > 0 ? "higher" : "lower");

/** A probability in words: "3 of 9", of the remaining numbers. */
export const chanceWords = (range: Range, chance: Exact): string =>
  `${keyOf(chance.mul(Math.max(1, range.to - range.from)))} of ${Math.max(1, range.to - range.from)}`;
