import { type Exact, exact } from "../number/exact";
import type { Span } from "./line";
import { type Scale, tickAt, ticksIn } from "./line-scale";

/**
 * Of the labels of a line, one in how many stays, so that none touches its neighbour. Labels then stand at round
 * distances: 1, 2, 5, 10, 20, 50, …, or a whole number of times in 1; where the interval has no such multiple, as 3 has
 * none, at every second, fifth, tenth, … of it.
 * @param interval from label to label where all stay; 1 where only their count matters
 * @param apart how far neighbouring labels stand from each other, in pixels
 * @param room how much room one label needs, in pixels
 * @param around how many labels go once round a ring, where all stay; those that stay then stand equally far apart all the
 *   way round: of twelve every second, third, fourth or sixth
 */
export function labelStride(
  apart: number,
  room: number,
  interval: Exact = exact(1),
  around?: number,
): number {
  const min = room / apart;
  if (min <= 1) return 1;
  const strides = around === undefined ? roundStrides(interval) : factorsOf(around);
  return strides.find((stride) => stride >= min) ?? plainStride(min);
}

/** The factors of a whole number, the smallest first. */
const factorsOf = (whole: number): number[] =>
  Array.from({ length: whole }, (_, i) => i + 1).filter((part) => whole % part === 0);

/** Every how many labels one stays, if only their number matters. */
function plainStride(min: number): number {
  for (let power = 1; power < 1e15; power *= 10) {
    for (const stride of [power, 2 * power, 5 * power]) if (stride >= min) return stride;
  }
  return 1e15;
}

const MAX_POWER = 12;

/** The numbers of intervals that give round distances, the smallest first. */
function roundStrides(interval: Exact): readonly number[] {
  const key = interval.toFraction();
  const known = strides.get(key);
  if (known) return known;
  if (strides.size >= MAX_KEPT) strides.clear();
  const made = stridesOf(interval);
  strides.set(key, made);
  return made;
}

/** Cached: a sliding line asks in every frame. */
const strides = new Map<string, readonly number[]>();
const MAX_KEPT = 100;

function stridesOf(interval: Exact): number[] {
  const sizes: Exact[] = [];
  // Unit fractions that fit: of twelfths 1/6, 1/4, 1/3, 1/2. Decimals go by tenths and fifths.
  const parts = interval.compare(1) < 0 && interval.n === 1n ? Number(interval.d) : 1;
  const isDecimal = /^10*$/.test(String(interval.d)) || interval.d === 5n;
  for (let n = 2; n <= Math.min(parts, 1000); n += 1) {
    if (parts % n === 0 && (!isDecimal || parts / n === 2 || parts / n === 1)) sizes.push(interval.mul(n));
  }
  for (let power = -6; power <= MAX_POWER; power += 1) {
    for (const digit of [1, 2, 5]) sizes.push(exact(10).pow(power)!.mul(digit));
  }
  const whole = sizes.map((size) => size.div(interval)).filter(({ d, n }) => d === 1n && n > 1n);
  return [...new Set(whole.map(({ n }) => Number(n)))].sort((a, b) => a - b);
}

/** The numbers of a span that stand at every `stride`-th interval, counted from the anchor. */
export function labelledIn(span: Span, scale: Scale, stride: number): Exact[] {
  const every = { step: scale.interval.mul(stride), anchor: scale.anchor };
  const { first, last } = ticksIn(span, every);
  return Array.from({ length: Math.max(0, Number(last - first) + 1) }, (_, i) =>
    tickAt(every, first + BigInt(i)),
  );
}
