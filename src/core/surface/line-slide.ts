import { type Exact, exact } from "../number/exact";
import { type AnyLine, MAX_LINE, type Span } from "./line";
import { floor, type Scale, scaleOf, tickAt } from "./line-scale";

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
