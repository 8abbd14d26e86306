import { type Exact, exact, keyOf } from "../number/exact";
import type { Range } from "./higher-lower";

/** How likely the next number is to be higher, and lower, than one of the range: together they are 1. */
export function chancesAt({ from, to }: Range, at: number): { higher: Exact; lower: Exact } {
  const others = Math.max(1, to - from);
  return { higher: exact(to - at).div(others), lower: exact(at - from).div(others) };
}

/** A probability in words: "3 of 9", of the remaining numbers. */
export const chanceWords = (range: Range, chance: Exact): string =>
  `${keyOf(chance.mul(Math.max(1, range.to - range.from)))} of ${Math.max(1, range.to - range.from)}`;
