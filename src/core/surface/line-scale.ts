import { type Exact, exact } from "../number/exact";
import { type AnyLine, canBeWritten, lineNumbers, type Span, wholeSpan } from "./line";

/** With fewer visible intervals than this, a line that is zoomed in shows finer ones. */
const FEWEST = 2;
/** With more visible intervals than this, a line that is zoomed out shows coarser ones. */
const MAX = 25;

/** The division of a span of a line: interval and step, and the number from which both are counted. */
export type Scale = {
  readonly interval: Exact;
  readonly step: Exact;
  readonly anchor: Exact;
  /** How many powers of ten coarser the intervals are than in the settings; negative if they are finer. */
  readonly level: number;
};

/**
 * The scale of a span. Zoomed in or out, a line shows intervals of a tenth or ten times the size, so that there are
 * always a few and never hundreds; fractions that are not decimals keep their parts. Intervals are counted from 0
 * wherever the line allows it, so that they are round numbers.
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

/** The span of a line in a scene, else the whole line. */
export function spanOf(line: AnyLine, kept: { from: string; to: string } | undefined): Span {
  return kept ? { from: exact(kept.from), to: exact(kept.to) } : wholeSpan(line);
}
