import { keyOf, type NumberKey } from "../number/exact";
import type { AnyLine, Span } from "../surface/line";
import { scaleOf, tickAt, ticksIn } from "../surface/line-scale";
import { pick, type Random } from "./draw";

/** The ticks of a line that can be asked for: the unlabelled ones, else all but the first and the last. */
export function scaleTicks(line: AnyLine, span: Span): NumberKey[] {
  const scale = scaleOf(line, span);
  const { first, last } = ticksIn(span, scale);
  const divisions = BigInt(Math.round(scale.interval.div(scale.step).valueOf()));
  const count = Math.min(2000, Math.max(0, Number(last - first) + 1));
  const all = Array.from({ length: count }, (_, i) => first + BigInt(i));
  const between = all.filter((index) => index % divisions !== 0n);
  return (between.length > 0 ? between : all.slice(1, -1)).map((index) => keyOf(tickAt(scale, index)));
}

/**
 * A random tick of a line to be read. Null if the span has none that can be asked for.
 * @param not the tick that was asked for before
 */
export function scaleTick(
  line: AnyLine,
  span: Span,
  random: Random,
  not: NumberKey | null,
): NumberKey | null {
  const among = scaleTicks(line, span);
  const others = among.filter((key) => key !== not);
  return pick(others.length > 0 ? others : among, 1, random)[0] ?? null;
}
