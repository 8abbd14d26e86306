import { exact, type NumberKey } from "../number/exact";
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

/** Whether the guess is right. */
export const isRight = (said: Said, at: NumberKey, next: NumberKey): boolean =>
  said === (exact(next).compare(exact(at)) > 0 ? "higher" : "lower");
