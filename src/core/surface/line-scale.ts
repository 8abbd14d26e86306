import { type Exact, exact } from "../number/exact";
import { type AnyLine, canBeWritten, lineNumbers, type Span, wholeSpan } from "./line";

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
export function anchorOf(line: AnyLine): Exact {
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

/** The whole number at or below a number. */
export const floor = (value: Exact): bigint => value.floor().s * value.floor().n;

/** The number at a tick. */
export function tickAt({ step, anchor }: Pick<Scale, "step" | "anchor">, index: bigint): Exact {
  return anchor.add(step.mul(exact(index)));
}

/** The span that a scene has a line at, else the whole of it. */
export function spanOf(line: AnyLine, kept: { from: string; to: string } | undefined): Span {
  return kept ? { from: exact(kept.from), to: exact(kept.to) } : wholeSpan(line);
}
