import { type Exact, exact, keyOf } from "../number/exact";
import { showNumber } from "../number/show-number";
import type { Range } from "./higher-lower";

/** How likely the next number is to be higher, and lower, than one of the range: together they are 1. */
export function chancesAt({ from, to }: Range, at: number): { higher: Exact; lower: Exact } {
  const others = Math.max(1, to - from);
  return { higher: exact(to - at).div(others), lower: exact(at - from).div(others) };
}

/** A probability in words: "3 of 9", of the remaining numbers. */
export function chanceWords({ from, to }: Range, chance: Exact): string {
  const others = Math.max(1, to - from);
  return `${showNumber(keyOf(chance.mul(others)))} of ${showNumber(String(others))}`;
}
