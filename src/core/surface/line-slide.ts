import { type Exact, exact } from "../number/exact";
import { type AnyLine, canBeWritten, lineNumbers, MAX_LINE, type Span } from "./line";
import { anchorOf, floor, type Scale, scaleOf, tickAt } from "./line-scale";

/** The tick that is nearest to a number; of two that are equally near, the larger one. */
export function nearestTick(scale: Pick<Scale, "step" | "anchor">, value: Exact): Exact {
  return tickAt(scale, floor(value.sub(scale.anchor).div(scale.step).add(exact("1/2"))));
}

/** Moves a span by a number, within the reach of lines; its length stays. */
export function slideSpan(span: Span, by: Exact): Span {
  const [down, up] = [exact(-MAX_LINE).sub(span.from), exact(MAX_LINE).sub(span.to)];
  const within = by.compare(down) < 0 ? down : by.compare(up) > 0 ? up : by;
  return { from: span.from.add(within), to: span.to.add(within) };
}

/**
 * Zooms a span in (a factor below 1) or out about a number that stays where it is. The result holds at least two steps
 * of the finest scale, and stays within the reach of lines.
 */
export function zoomSpan(line: AnyLine, span: Span, factor: Exact, about: Exact): Span {
  const length = span.to.sub(span.from);
  const max = exact(2 * MAX_LINE);
  let wished = length.mul(factor);
  if (wished.compare(max) > 0) wished = max;
  const min = leastLength(line);
  if (wished.compare(min) < 0) wished = min.compare(length) < 0 ? min : length;
  const kept = about.sub(span.from).div(length);
  const from = about.sub(wished.mul(kept));
  return slideSpan({ from, to: from.add(wished) }, exact(0));
}

/** The shortest visible span of a line: two steps of its finest scale. */
function leastLength(line: AnyLine): Exact {
  const { step } = lineNumbers(line);
  const anchor = anchorOf(line);
  let finest = step;
  while (line.numbers === "decimal" && canBeWritten(anchor, finest.div(10))) finest = finest.div(10);
  return finest.mul(2);
}

/**
 * Where a span moved by hand comes to rest: its ends on ticks of its scale, so that it stays exact after any number of
 * slides. A span of unchanged length keeps that length.
 */
export function restSpan(line: AnyLine, span: Span, before: Span): Span {
  const scale = scaleOf(line, span);
  const length = before.to.sub(before.from);
  const same = span.to.sub(span.from).compare(length) === 0;
  if (same) {
    // Ends between ticks, as with fractions, keep their distance from the ticks.
    const moved = nearestMultiple(span.from.sub(before.from), scale.step);
    return slideSpan(before, moved);
  }
  const from = nearestTick(scale, span.from);
  const to = nearestTick(scale, span.to);
  return from.compare(to) < 0 ? { from, to } : before;
}

const nearestMultiple = (value: Exact, of: Exact): Exact =>
  nearestTick({ step: of, anchor: exact(0) }, value);

/** A span that holds a number: the same one, or slid by whole intervals until it does. */
export function spanHolding(line: AnyLine, span: Span, value: Exact): Span {
  if (value.compare(span.from) >= 0 && value.compare(span.to) <= 0) return span;
  const { interval } = scaleOf(line, span);
  const beyond = value.compare(span.to) > 0 ? value.sub(span.to) : value.sub(span.from);
  const whole = beyond.div(interval);
  const steps = whole.s > 0n ? whole.ceil() : whole.floor();
  // Slide a little further than needed, so that the numbers that follow are seen too.
  const length = span.to.sub(span.from).div(interval);
  const more = length.div(4).floor();
  return slideSpan(span, interval.mul(whole.s > 0n ? steps.add(more) : steps.sub(more)));
}
