import { type Exact, exact } from "../number/exact";
import type { AnyLine, Span } from "./line";
import { scaleOf } from "./line-scale";
import { nearestTick, slideSpan } from "./line-slide";

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
