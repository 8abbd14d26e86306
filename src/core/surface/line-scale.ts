import { type Exact, exact } from "../number/exact";
import { type AnyLine, canBeWritten, lineNumbers, MAX_LINE, type Span, wholeSpan } from "./line";

/** Fewest intervals that are seen before a line that is drawn nearer shows finer ones. */
const FEWEST = 2;
/** Most intervals that are seen before one that is drawn further away shows coarser ones. */
const MAX = 25;

/** How a span of a line is divided: interval and step, and the number from which both are counted. */
export type Scale = {
  readonly interval: Exact;
  readonly step: Exact;
  readonly anchor: Exact;
  /** By how many powers of ten the intervals are coarser than those of the settings; negative where they are finer. */
  readonly level: number;
};

/**
 * The scale of a span. Drawn nearer or further away, a line shows intervals of a tenth or of ten, so that there are
 * always a few of them and never hundreds; fractions that are no decimals stay in their parts. Intervals are counted
 * from 0 wherever the line allows it, so that they are round numbers.
 */
export function scaleOf(line: AnyLine, span: Span): Scale {
  const { from, to, interval, step } = lineNumbers(line);
  const own = to.sub(from).div(interval).valueOf();
  const seen = span.to.sub(span.from).div(interval).valueOf();
  const anchor = anchorOf(line);
  const at = (level: number): Scale => ({
    interval: interval.mul(exact(10).pow(level)!),
    step: step.mul(exact(10).pow(level)!),
    anchor,
    level,
  });
  let level = 0;
  while (seen / 10 ** level > Math.max(MAX, own * 1.5)) level += 1;
  while (seen / 10 ** level < Math.min(FEWEST, own) && refines(line, at(level - 1))) level -= 1;
  return at(level);
}

/**
 * The number from which the intervals of a line are counted: 0 where its ticks reach its first number from there, or
 * where 0 is on it; else its first number, as in 27, 37, 47. A number track begins with its first number in any case.
 */
function anchorOf(line: AnyLine): Exact {
  const { from, to, step } = lineNumbers(line);
  const zero = exact(0);
  if (from.div(step).d === 1n) return zero;
  const isOnIt = from.compare(zero) <= 0 && to.compare(zero) >= 0;
  return isOnIt && line.kind === "line" ? zero : from;
}

/** Whether a line may be shown in finer intervals: decimals only, and only such as can be written. */
function refines(line: AnyLine, { step, anchor }: Scale): boolean {
  return line.numbers === "decimal" && canBeWritten(anchor, step);
}

/** The ticks of a span, counted from the scale's anchor: the first one and the last one in it; none where last < first. */
export function ticksIn(
  span: Span,
  { step, anchor }: Pick<Scale, "step" | "anchor">,
): {
  first: bigint;
  last: bigint;
} {
  const ceil = (value: Exact) => -floor(value.neg());
  return {
    first: ceil(span.from.sub(anchor).div(step)),
    last: floor(span.to.sub(anchor).div(step)),
  };
}

const floor = (value: Exact): bigint => value.floor().s * value.floor().n;

/** The number at a tick. */
export function tickAt({ step, anchor }: Pick<Scale, "step" | "anchor">, index: bigint): Exact {
  return anchor.add(step.mul(exact(index)));
}

/** The tick that is nearest to a number; of two that are equally near, the larger one. */
export function nearestTick(scale: Pick<Scale, "step" | "anchor">, value: Exact): Exact {
  return tickAt(scale, floor(value.sub(scale.anchor).div(scale.step).add(exact("1/2"))));
}

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
  const least = room / apart;
  if (least <= 1) return 1;
  const strides = around === undefined ? roundStrides(interval) : factorsOf(around);
  return strides.find((stride) => stride >= least) ?? plainStride(least);
}

/** The factors of a whole number, the smallest first. */
const factorsOf = (whole: number): number[] =>
  Array.from({ length: whole }, (_, i) => i + 1).filter((part) => whole % part === 0);

/** Of every how many a label stays, where nothing but their number matters. */
function plainStride(least: number): number {
  for (let power = 1; power < 1e15; power *= 10) {
    for (const stride of [power, 2 * power, 5 * power]) if (stride >= least) return stride;
  }
  return 1e15;
}

const MAX_POWER = 12;

/** By how many intervals labels stand at round distances, the nearest first. */
function roundStrides(interval: Exact): readonly number[] {
  const key = interval.toFraction();
  const known = strides.get(key);
  if (known) return known;
  if (strides.size >= MAX_KEPT) strides.clear();
  const made = stridesOf(interval);
  strides.set(key, made);
  return made;
}

/** A line that slides asks in each frame. */
const strides = new Map<string, readonly number[]>();
const MAX_KEPT = 100;

function stridesOf(interval: Exact): number[] {
  const sizes: Exact[] = [];
  // Parts of one whole that come out: of twelfths 1/6, 1/4, 1/3, 1/2. Decimals go by tenths and fifths.
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

/** A span moved by a number, as far as lines go; its length stays. */
export function slideSpan(span: Span, by: Exact): Span {
  const [down, up] = [exact(-MAX_LINE).sub(span.from), exact(MAX_LINE).sub(span.to)];
  const within = by.compare(down) < 0 ? down : by.compare(up) > 0 ? up : by;
  return { from: span.from.add(within), to: span.to.add(within) };
}

/**
 * A span drawn nearer (a factor below 1) or further away about a number that stays where it is. It holds at least two
 * steps of the finest scale, and goes no further than lines go.
 */
export function zoomSpan(line: AnyLine, span: Span, factor: Exact, about: Exact): Span {
  const length = span.to.sub(span.from);
  const most = exact(2 * MAX_LINE);
  let wished = length.mul(factor);
  if (wished.compare(most) > 0) wished = most;
  const least = leastLength(line);
  if (wished.compare(least) < 0) wished = least.compare(length) < 0 ? least : length;
  const kept = about.sub(span.from).div(length);
  const from = about.sub(wished.mul(kept));
  return slideSpan({ from, to: from.add(wished) }, exact(0));
}

/** The shortest span of a line that can be seen: two steps of its finest scale. */
function leastLength(line: AnyLine): Exact {
  const { step } = lineNumbers(line);
  const anchor = anchorOf(line);
  let finest = step;
  while (line.numbers === "decimal" && canBeWritten(anchor, finest.div(10))) finest = finest.div(10);
  return finest.mul(2);
}

/**
 * Where a span that was moved by hand comes to rest: its ends on ticks of its scale, so that it stays exact after any
 * number of slides. A span of the same length as before keeps that length.
 */
export function restSpan(line: AnyLine, span: Span, before: Span): Span {
  const scale = scaleOf(line, span);
  const length = before.to.sub(before.from);
  const same = span.to.sub(span.from).compare(length) === 0;
  if (same) {
    // Ends that stood between ticks, as a fraction's may, stay where they stood between them.
    const moved = nearestMultiple(span.from.sub(before.from), scale.step);
    return slideSpan(before, moved);
  }
  const from = nearestTick(scale, span.from);
  const to = nearestTick(scale, span.to);
  return from.compare(to) < 0 ? { from, to } : before;
}

const nearestMultiple = (value: Exact, of: Exact): Exact =>
  nearestTick({ step: of, anchor: exact(0) }, value);

/** The span of a line that a number is in: the same one, or slid by whole intervals until it holds the number. */
export function spanHolding(line: AnyLine, span: Span, value: Exact): Span {
  if (value.compare(span.from) >= 0 && value.compare(span.to) <= 0) return span;
  const { interval } = scaleOf(line, span);
  const beyond = value.compare(span.to) > 0 ? value.sub(span.to) : value.sub(span.from);
  const whole = beyond.div(interval);
  const steps = whole.s > 0n ? whole.ceil() : whole.floor();
  // A little further than needed, so that what comes next is seen too.
  const length = span.to.sub(span.from).div(interval);
  const more = length.div(4).floor();
  return slideSpan(span, interval.mul(whole.s > 0n ? steps.add(more) : steps.sub(more)));
}

/** The span that a scene has a line at, else the whole of it. */
export function spanOf(line: AnyLine, kept: { from: string; to: string } | undefined): Span {
  return kept ? { from: exact(kept.from), to: exact(kept.to) } : wholeSpan(line);
}
