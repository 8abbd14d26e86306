import { exact, isWhole, keyOf, type NumberKey } from "../../number/exact";
import type { Clues } from "../conditions/condition";
import type { Squares } from "../squares";
import { type Bitset, bitsOf } from "./bitset";

/** A chart with some numbers shaded and all others not; about the unknown ones nothing is said. */
export type Shading = {
  /** The numbers of the chart, in order. */
  readonly numbers: readonly NumberKey[];
  readonly shaded: ReadonlySet<NumberKey>;
  readonly unknown?: ReadonlySet<NumberKey>;
  /** The chart that they stand on; without it, positions are not considered. */
  readonly squares: Squares | null;
};

/** A shading prepared for the finder: the known numbers, and which of them are shaded. */
export type Ground = {
  readonly numbers: readonly NumberKey[];
  /** The same as whole numbers; null where some are not. */
  readonly wholes: readonly number[] | null;
  readonly wanted: Bitset;
  /** What candidates are derived from: the shaded numbers, also without one that may be a stray. */
  readonly clues: readonly Clues[];
};

export function groundOf({ numbers: every, shaded, unknown, squares }: Shading): Ground {
  const numbers = unknown && unknown.size > 0 ? every.filter((number) => !unknown.has(number)) : every;
  const values = numbers.map((number) => Number(number));
  // Candidates are about whole numbers.
  const rising = [...new Set(values.filter(Number.isInteger))].sort((a, b) => a - b);
  const all = numbers.filter((number) => shaded.has(number));
  const held = all.map(Number);
  const known = {
    numbers: rising.length > 0 ? rising : [0],
    squares,
    all,
    unit: unitOf(numbers),
    allDivisor: divisorOf(every),
  };
  const shadings = withoutStrays(held.filter(Number.isInteger).sort((a, b) => a - b));
  return {
    numbers,
    wholes: values.every(Number.isInteger) ? values : null,
    wanted: bitsOf(numbers.length, (at) => shaded.has(numbers[at]!)),
    clues: shadings.map((rise) => ({
      ...known,
      shaded: rise,
      divisor: rise.reduce((so, number) => common(so, Math.abs(number)), 0),
      gap: gapsOf(rise).reduce(common, 0),
    })),
  };
}

/** The greatest common divisor of the numbers of a chart, known or not; 1 where some are not whole. */
function divisorOf(numbers: readonly NumberKey[]): number {
  const values = numbers.map(Number);
  return values.every(Number.isInteger) ? values.map(Math.abs).reduce(common, 0) || 1 : 1;
}

/** What a chart goes up in, where that is not a whole number. */
function unitOf([a, b]: readonly NumberKey[]): NumberKey | null {
  if (a === undefined || b === undefined) return null;
  const unit = exact(b).sub(exact(a));
  return isWhole(unit) ? null : keyOf(unit);
}

const common = (a: number, b: number): number => (b === 0 ? a : common(b, a % b));
const gapsOf = (rise: readonly number[]): number[] => rise.slice(1).map((number, i) => number - rise[i]!);

/**
 * The shaded numbers, and also without one that may be a stray: the first or the last one, or the one without which the
 * others have the largest divisor, or the largest one of their gaps.
 */
function withoutStrays(rise: readonly number[]): (readonly number[])[] {
  if (rise.length < 3) return [rise];
  const gaps = gapsOf(rise);
  const without = (at: number) => rise.toSpliced(at, 1);
  const joined = (at: number) => (at === 0 || at === gaps.length ? 0 : gaps[at - 1]! + gaps[at]!);
  const strays = new Set([
    0,
    rise.length - 1,
    largest(commonButOne(rise.map(Math.abs))),
    largest(commonButTwo(gaps).map((rest, at) => common(rest, joined(at)))),
  ]);
  return [rise, ...[...strays].map(without)];
}

const largest = (values: readonly number[]): number => values.indexOf(Math.max(...values));

/** The greatest common divisor of all values up to each, from 0 for none. */
function commonUpTo(values: readonly number[]): number[] {
  const all = [0];
  for (const value of values) all.push(common(all.at(-1)!, value));
  return all;
}

/** The greatest common divisor of all values but one, for each of them. */
function commonButOne(values: readonly number[]): number[] {
  const [before, after] = [commonUpTo(values), commonUpTo(values.toReversed()).toReversed()];
  return values.map((_, at) => common(before[at]!, after[at + 1]!));
}

/** The greatest common divisor of all gaps but those beside a number, for each of the numbers. */
function commonButTwo(gaps: readonly number[]): number[] {
  const [before, after] = [commonUpTo(gaps), commonUpTo(gaps.toReversed()).toReversed()];
  return Array.from({ length: gaps.length + 1 }, (_, at) =>
    common(before[Math.max(0, at - 1)]!, after[Math.min(gaps.length, at + 1)]!),
  );
}
