import { type Exact, exact, gcd, keyOf, type NumberKey } from "../number/exact";

/** An announced count, which makes a sequence likely before it can be seen in the marks. */
export type Expected = { by: NumberKey; from: NumberKey };

/** A stray weighs more than a missed number: leaving one out is the commoner slip. */
const STRAY_COST = 1.5;
/** How many marks an announced count weighs as much as, while there are few marks to go by. */
const ANNOUNCED = 2;
/** How many of the latest marks are examined, and how many of the commonest differences are tried. */
const MAX_MARKS = 120;
const MAX_IDEAS = 6;

/** The count that marks by hand are: its size above 0, the numbers that belong to it in rising order, and its slips. */
export type Recognised = { by: NumberKey; belong: NumberKey[]; missed: NumberKey[]; strays: NumberKey[] };

/**
 * The count that numbers marked by hand are, in the order in which they were marked. It is worked out from the marks:
 * of all differences between neighbours the one that explains them with the fewest missed numbers and strays. Marks out
 * of order that end complete have no slip. Null where they are no count, or too few to tell.
 */
export function recogniseCount(marks: readonly NumberKey[], expected?: Expected): Recognised | null {
  const latest = [...new Set(marks)].slice(-MAX_MARKS).map((number) => exact(number));
  if (latest.length < 3) return null;
  // Counted in their smallest part as whole numbers: fast to compute with, and exact.
  const unit = latest.reduce((common, { d }) => (common * d) / gcd(common, d), 1n);
  const scaled = (value: Exact) => value.s * value.n * (unit / value.d);
  const keyOfScaled = (value: bigint) => keyOf(exact(value).div(exact(unit)));
  const values = latest.map(scaled);
  const sorted = values.toSorted((a, b) => (a < b ? -1 : 1));
  const announced = expected && {
    by: exact(expected.by).mul(exact(unit)),
    from: exact(expected.from).mul(exact(unit)),
  };
  const agrees = (start: bigint, by: bigint) => {
    if (!announced?.by.equals(exact(by))) return false;
    return exact(start).sub(announced.from).div(announced.by).d === 1n;
  };

  let best: Explained | null = null;
  for (const by of commonest([...gaps(values), ...gaps(sorted)], MAX_IDEAS)) {
    for (const start of values.slice(0, 3)) {
      const explained = explain(sorted, start, by);
      const told = agrees(start, by);
      const weight = explained.belong.length + (told ? ANNOUNCED : 0);
      const cost = explained.missed + explained.strays.length * STRAY_COST - (told ? 0.5 : 0);
      if (!best || cost < best.cost || (cost === best.cost && weight > best.weight)) {
        best = { ...explained, by, cost, weight };
      }
    }
  }
  if (!best) return null;
  const slips = best.missed + best.strays.length;
  // Too few numbers prove nothing; too many slips mean that it is not a count.
  if (best.weight < 3 || slips > Math.max(1, best.weight / 2)) return null;
  return {
    by: keyOfScaled(best.by),
    belong: best.belong.map(keyOfScaled),
    missed: missing(best.belong, best.by).map(keyOfScaled),
    strays: best.strays.map(keyOfScaled),
  };
}

type Explanation = { belong: bigint[]; strays: bigint[]; missed: number };
type Explained = Explanation & { by: bigint; cost: number; weight: number };

function explain(sorted: readonly bigint[], start: bigint, by: bigint): Explanation {
  const belongs = (value: bigint) => (value - start) % by === 0n;
  const belong = sorted.filter(belongs);
  const strays = sorted.filter((value) => !belongs(value));
  return { belong, strays, missed: Number((belong.at(-1)! - belong[0]!) / by) + 1 - belong.length };
}

/** The numbers of the sequence between the first and the last that belong, without those that do. */
function missing(belong: readonly bigint[], by: bigint): bigint[] {
  const found: bigint[] = [];
  belong.slice(1).forEach((value, i) => {
    for (let next = belong[i]! + by; next < value; next += by) found.push(next);
  });
  return found;
}

const gaps = (values: readonly bigint[]): bigint[] =>
  values.slice(1).map((value, i) => (value > values[i]! ? value - values[i]! : values[i]! - value));

/** The commonest of the numbers, the commoner first, and of equals the one met first. */
function commonest(numbers: readonly bigint[], max: number): bigint[] {
  const counts = new Map<bigint, number>();
  for (const number of numbers) counts.set(number, (counts.get(number) ?? 0) + 1);
  return [...counts]
    .sort((a, b) => b[1] - a[1])
    .slice(0, max)
    .map(([number]) => number);
}
