import { jumpKinds } from "@/core/count/jump-place";
import { landings, type Trail } from "@/core/count/trail";
import { exact, type NumberKey } from "@/core/number/exact";
import type { Aside } from "@/core/scene/aside";
import { distanceToSegment } from "@/core/surface/segment";
import { round } from "../round";
import { arcTextSize } from "./arc-text";
import { type JumpStyle, STYLES, styleOfInk } from "./jump-style";
import type { LineGeometry, Point } from "./line-geometry";
import type { LineLayout } from "./line-layout";

export type Arc = {
  index: number;
  by: NumberKey;
  from: number;
  to: number;
  length: number;
  height: number;
  style: JumpStyle;
};

/** How much wider the line of a jump is than that of the number line, and its edge than itself, in pixels. */
export const [WIDER, EDGE] = [1, 2.5];

/** Up to this many jumps are separate elements. */
const MAX_SINGLE = 60;
/** Up to this many of those that are shorter than their line is wide: more of them cannot be told apart. */
const MAX_DOTS = 12;

/** The jumps that are drawn together, as one path, and those that are drawn each by itself. */
export function togetherOf(
  { heavy }: Pick<LineLayout, "heavy">,
  arcs: readonly Arc[],
): { together: readonly Arc[]; single: readonly Arc[] } {
  if (arcs.length > MAX_SINGLE) return { together: arcs, single: [] };
  const isDot = ({ length }: Arc) => length <= heavy + WIDER + EDGE;
  const dots = arcs.filter(isDot);
  if (dots.length <= MAX_DOTS) return { together: [], single: arcs };
  return { together: dots, single: arcs.filter((arc) => !isDot(arc)) };
}

/** How far beyond its window a line's jumps are drawn, in windows, so that they are there when it slides. */
const BEYOND = 1;

type TwoTrails = { trail: Trail | null; aside: Aside | null };

/** The arcs of a trail, and of one set aside, as far as they are visible or may slide into sight. */
export function arcsOf(layout: LineLayout, { trail, aside }: TwoTrails): { trail: Arc[]; aside: Arc[] } {
  const one = trail ? arcsOfOne(layout, trail, aside ? styleOfInk(aside.beside) : undefined) : [];
  const other = aside ? arcsOfOne(layout, aside.trail, styleOfInk(aside.ink)) : [];
  if (one.length === 0 || other.length === 0) return { trail: one, aside: other };
  // Larger jumps rise over smaller ones and their sizes, so that both are seen; of two equal ones, those set aside.
  const tallest = (arcs: readonly Arc[]) => Math.max(...arcs.map(({ height }) => height));
  const [low, high] = [tallest(one), tallest(other)].toSorted((a, b) => a - b) as [number, number];
  const over = low + arcTextSize(layout) * 1.6;
  const top = Math.max(over, high);
  const fit = Math.min(1, layout.geometry.headroom / top);
  const stay = (arcs: Arc[]) => arcs.map((arc) => ({ ...arc, height: arc.height * fit }));
  const rise = (arcs: Arc[]) =>
    arcs.map((arc) => {
      // Short ones rise less, or they would be spikes.
      const lifted = Math.min(arc.height + top - high, arc.length * STEEP);
      return { ...arc, height: Math.max((arc.height * top) / high, lifted) * fit };
    });
  return tallest(other) >= tallest(one)
    ? { trail: stay(one), aside: rise(other) }
    : { trail: rise(one), aside: stay(other) };
}

/** Maximum ratio of height to length of a jump that rises over others. */
const STEEP = 2.2;

function arcsOfOne(layout: LineLayout, trail: Trail, style?: JumpStyle): Arc[] {
  const { geometry, placing } = layout;
  const kinds = jumpKinds(trail);
  const arcs: Arc[] = [];
  const stops = landings(trail);
  let part = placing.partOf(exact(trail.start));
  trail.jumps.forEach((by, index) => {
    const from = part;
    part = placing.partOf(stops[index]!);
    if (geometry.shape !== "ring" && (Math.max(from, part) < -BEYOND || Math.min(from, part) > 1 + BEYOND))
      return;
    const length = Math.abs(part - from) * geometry.length;
    // A jump back stays below one over the same stretch.
    const lower = by.startsWith("-") ? 0.68 : 1;
    // Beside an upright line there is more room than over a flat one.
    const swing = geometry.shape === "upright" ? 9 : 6;
    const height = Math.min(geometry.headroom, swing * Math.sqrt(length), length * 0.9 + 6) * lower;
    arcs.push({
      index,
      by,
      from,
      to: part,
      length,
      height,
      style: style ?? STYLES[kinds[index] ?? "other"],
    });
  });
  return arcs;
}

/** The SVG path of an arc: a smooth curve on straight lines, a polyline on a ring. */
export function arcPath(geometry: LineGeometry, from: number, to: number, height: number): string {
  const dot = ({ x, y }: Point) => `${round(x)} ${round(y)}`;
  if (geometry.shape === "ring") return `M${alongArc(geometry, from, to, height).map(dot).join("L")}`;
  const [a, b, c, d] = arcCurve(geometry, from, to, height).map(dot);
  return `M${a}C${b} ${c} ${d}`;
}

/** The four points of the curve of an arc on a straight line. */
function arcCurve(geometry: LineGeometry, from: number, to: number, height: number): Point[] {
  const [far, rise] = [to - from, height * 1.33];
  return [
    geometry.point(from, 2),
    geometry.point(from + far * 0.12, rise),
    geometry.point(to - far * 0.12, rise),
    geometry.point(to, 2),
  ];
}

/** Number of points of an arc, and how many more for each turn of a ring. */
const POINTS = 24;
const TURN_POINTS = 72;

/** Points along an arc, from its start to its landing. */
export function alongArc(geometry: LineGeometry, from: number, to: number, height: number): Point[] {
  const count = POINTS + (geometry.shape === "ring" ? Math.ceil(Math.abs(to - from) * TURN_POINTS) : 0);
  const parts = Array.from({ length: count + 1 }, (_, i) => i / count);
  if (geometry.shape === "ring") {
    return parts.map((t) => geometry.point(from + (to - from) * t, 2 + height * Math.sin(Math.PI * t)));
  }
  const [a, b, c, d] = arcCurve(geometry, from, to, height) as [Point, Point, Point, Point];
  const at = (t: number, of: "x" | "y") =>
    (1 - t) ** 3 * a[of] + 3 * (1 - t) ** 2 * t * b[of] + 3 * (1 - t) * t ** 2 * c[of] + t ** 3 * d[of];
  return parts.map((t) => ({ x: at(t, "x"), y: at(t, "y") }));
}

/** A touch within this distance of an arc, in pixels, is on it. */
const ON_ARC = 14;

/** Whether an arc may pass near a point: the curve of one on a straight line stays within its control points. */
function mayPass(geometry: LineGeometry, from: number, to: number, height: number, at: Point): boolean {
  if (geometry.shape === "ring") return true;
  const curve = arcCurve(geometry, from, to, height);
  const isWithin = (of: "x" | "y") =>
    curve.some((point) => point[of] >= at[of] - ON_ARC) &&
    curve.some((point) => point[of] <= at[of] + ON_ARC);
  return isWithin("x") && isWithin("y");
}

/**
 * The jump whose arc was touched: the nearest one.
 * @param ghosts whether covered arcs can be touched too
 */
export function arcUnder(layout: LineLayout, two: TwoTrails, at: Point, ghosts: boolean): number | null {
  let nearest: { index: number; far: number } | null = null;
  for (const { index, from, to, height } of arcsOf(layout, two).trail) {
    if (two.trail?.covers[index]?.arc && !ghosts) continue;
    if (!mayPass(layout.geometry, from, to, height, at)) continue;
    const points = alongArc(layout.geometry, from, to, height);
    for (let i = 1; i < points.length; i += 1) {
      const far = distanceToSegment(at, points[i - 1]!, points[i]!);
      if (far <= ON_ARC && (nearest === null || far < nearest.far)) nearest = { index, far };
    }
  }
  return nearest?.index ?? null;
}
