import type { Exact } from "@/core/number/exact";
import type { AnyLine, Span } from "@/core/surface/line";
import { labelStride } from "@/core/surface/line-labels";
import { type Scale, tickAt, ticksIn } from "@/core/surface/line-scale";
import { round } from "../round";
import type { LineGeometry, Placing } from "./line-geometry";

/** Ticks closer than this, in pixels, run into a bar: a small one is 2 wide, for the back of the room 3. */
export const APART = { plain: 4, strong: 5 } as const;

/** All ticks as two paths: those of the intervals, and the smaller ones between them. */
export function tickPaths(
  line: AnyLine,
  scale: Scale,
  span: Span,
  geometry: LineGeometry,
  placing: Placing,
  put: readonly Exact[],
  own: readonly Exact[],
  strong: boolean,
): { small: string; large: string } {
  const [tall, short] = strong ? [17, 10] : [14, 8];
  const mark = (part: number, half: number) => {
    const [a, b] = [geometry.point(part, half), geometry.point(part, -half)];
    return `M${round(a.x)} ${round(a.y)}L${round(b.x)} ${round(b.y)}`;
  };
  if (line.open) return { small: "", large: put.map((value) => mark(placing.partOf(value), tall)).join("") };
  if (line.ticks === "none") return { small: "", large: "" };
  if (line.ticks === "labelled") {
    return { small: "", large: own.map((value) => mark(placing.partOf(value), tall)).join("") };
  }
  const { first, last } = ticksIn(span, scale);
  const between = (geometry.length * scale.step.valueOf()) / span.to.sub(span.from).valueOf();
  const stride = BigInt(labelStride(between, strong ? APART.strong : APART.plain));
  const divisions = BigInt(Math.round(scale.interval.div(scale.step).valueOf()));
  const start = placing.partOf(tickAt(scale, first));
  const step = between / geometry.length;
  let [small, large] = ["", ""];
  for (let i = first; i <= last; i += 1n) {
    const isLarge = i % divisions === 0n;
    // Ticks too close to be told apart are one.
    if (stride > 1n && (isLarge ? (i / divisions) % stride !== 0n && divisions === 1n : i % stride !== 0n))
      continue;
    const part = start + Number(i - first) * step;
    if (isLarge) large += mark(part, tall);
    else small += mark(part, short);
  }
  return { small, large };
}
