import { type Exact, exact } from "../number/exact";
import { type AnyLine, canBeWritten, lineNumbers, MAX_LINE, type Span } from "./line";
import { anchorOf } from "./line-scale";
import { slideSpan } from "./line-slide";

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
