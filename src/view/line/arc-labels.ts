import type { Trail } from "@/core/count/trail";
import type { NumberKey } from "@/core/number/exact";
import { groupDigits } from "@/core/number/group-digits";
import { showNumber } from "@/core/number/show-number";
import { round } from "../round";
import { type Arc, alongArc, togetherOf } from "./arc-shape";
import { arcTextSize, arcTextWidth } from "./arc-text";
import { type Box, overlaps } from "./box";
import { flagBox } from "./flag";
import type { JumpStyle } from "./jump-style";
import type { LineGeometry, Point } from "./line-geometry";
import type { LineLayout } from "./line-layout";

export type ArcLabel = {
  /** The jumps it speaks of. */
  jumps: readonly number[];
  text: string;
  x: number;
  y: number;
  width: number;
  style: JumpStyle;
  covered: boolean;
  /** It found no place clear of all arcs and of the marks over the line. */
  onAnArc: boolean;
  /** It is out of sight with its jumps, until the line slides. */
  beyond: boolean;
};

/** The size of a jump with its sign. */
export const signed = (by: NumberKey, write: (number: NumberKey) => string = showNumber) =>
  by.startsWith("-") ? write(by) : `+${write(by)}`;

/** How far the middle of a box must be from a ring to lie outside it. */
function beside(part: number, halfWidth: number, halfHeight: number): number {
  const turn = 2 * Math.PI * part;
  return Math.abs(Math.sin(turn)) * halfWidth + Math.abs(Math.cos(turn)) * halfHeight + 6;
}

/** Room of an ink's shape before a size, in parts of the size of its digits. */
export const ROOM_OF_FIGURE = 0.72;

/** With more arcs than this, labels do not avoid arcs: they are shared, and stand over all of them. */
const MAX_KEPT_OFF = 40;

type Curve = { points: Point[]; around: Box };

/** The curves that were drawn over a line, for as long as it stays the same. */
const curvesOver = new WeakMap<LineGeometry, Map<string, Curve>>();
/** How many of them are kept. */
const MAX_CURVES = 500;

function curveOf(geometry: LineGeometry, { from, to, height }: Arc): Curve {
  const known = curvesOver.get(geometry) ?? new Map<string, Curve>();
  curvesOver.set(geometry, known);
  const key = `${from} ${to} ${height}`;
  const there = known.get(key);
  if (there) return there;
  if (known.size >= MAX_CURVES) known.clear();
  const made = layCurve(alongArc(geometry, from, to, height));
  known.set(key, made);
  return made;
}

function layCurve(points: Point[]): Curve {
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
  const around = {
    left: Math.min(...xs),
    right: Math.max(...xs),
    top: Math.min(...ys),
    bottom: Math.max(...ys),
  };
  return { points, around };
}

/** Whether a curve passes through a box, approximately: its points lie closer together than any size is wide. */
function passes({ points, around }: Curve, box: Box): boolean {
  if (!overlaps(around, box)) return false;
  return points.some((point, i) => {
    const before = points[i - 1] ?? point;
    return [0, 0.25, 0.5, 0.75].some((t) => {
      const [x, y] = [point.x + (before.x - point.x) * t, point.y + (before.y - point.y) * t];
      return x >= box.left && x <= box.right && y >= box.top && y <= box.bottom;
    });
  });
}

/**
 * The height over its line, in pixels, at which an arc can be touched freely: the label of a lower one stands above it.
 */
const FINGER = 22;

const roomOf = (text: string, size: number) => arcTextWidth(text, size) + 8;

/** Fractions of a run at which its label may stand round a ring: if the middle has no room, another may have. */
const ROUND_A_RING = [0.5, 0.7, 0.3, 0.85, 0.15];

/** At the sides of a ring, as near to a run as a label is whole. */
function* besideRing(
  { geometry, room }: LineLayout,
  run: readonly Arc[],
  { half, halfHeight }: { half: number; halfHeight: number },
) {
  const height = Math.max(...run.map((arc) => arc.height));
  const [top, bottom] = [geometry.point(0, height), geometry.point(0.5, height)];
  const middle = { x: (top.x + bottom.x) / 2, y: (top.y + bottom.y) / 2 };
  const radius = Math.hypot(top.x - middle.x, top.y - middle.y) + 6;
  for (const part of ROUND_A_RING) {
    const at = geometry.point(run[0]!.from + (run.at(-1)!.to - run[0]!.from) * part, height);
    const y = Math.max(halfHeight, Math.min(room.height - halfHeight, at.y));
    // The width of the ring at the edge of the label that is nearer to its middle.
    const off = Math.max(0, Math.abs(y - middle.y) - halfHeight);
    const reach = Math.sqrt(Math.max(0, radius ** 2 - off ** 2)) + half;
    const x = middle.x + (at.x < middle.x ? -reach : reach);
    if (x >= half && x <= room.width - half) yield { x, y };
  }
}

/** Whether all of a run is out of sight; round a ring nothing is. */
function isBeyond(run: readonly Arc[]): boolean {
  const [first, last] = [run[0]!, run.at(-1)!];
  return Math.min(first.from, last.to) >= 1 || Math.max(first.from, last.to) <= 0;
}

/** Possible places of the label for a run of arcs, the best first. */
function* spots(layout: LineLayout, run: readonly Arc[], { width, size }: { width: number; size: number }) {
  const { geometry, room } = layout;
  const { shape } = geometry;
  const [first, last] = [run[0]!, run.at(-1)!];
  const height = Math.max(...run.map((arc) => arc.height));
  const [half, halfHeight] = [width / 2 + 2, size * 0.5];
  // If a run continues out of sight, its label stays in sight.
  const stays = (shape === "flat" || shape === "strip") && !isBeyond(run);
  for (const part of shape === "ring" && run.length > 1 ? ROUND_A_RING : [0.5]) {
    const middle = first.from + (last.to - first.from) * part;
    // A label clears its arc by its own size in the direction of the offset: beside an upright line by its width, round
    // a ring by both in proportion.
    const off =
      shape === "upright"
        ? width / 2 + 4
        : shape === "ring"
          ? beside(middle, width / 2 - 4, size * 0.62)
          : Math.max(size * 0.75, FINGER + size * 0.62 - height);
    const next = shape === "upright" ? width : size * 1.15;
    // The size of a jump back, whose arc lies under another, stands under its own arc if there is room.
    const under = first.by.startsWith("-") && height >= 2 * off + 10 ? [-off] : [];
    for (const lift of [off, ...under, off + next, off + 2 * next, off + 3 * next]) {
      const at = geometry.point(middle, height + lift);
      const x = stays ? Math.max(half, Math.min(room.width - half, at.x)) : at.x;
      if (shape === "flat" && at.y < size * 0.6) break;
      const cut = x < half || x > room.width - half || at.y < halfHeight || at.y > room.height - halfHeight;
      if (shape === "ring" && cut) continue;
      // Over a strip in the lowest room it comes nearer to its arc than a finger needs, so that it is whole.
      yield { x, y: shape === "strip" ? Math.max(at.y, size * 0.6) : at.y };
    }
  }
  // A small ring in a wide room has free space at its sides.
  if (shape === "ring") yield* besideRing(layout, run, { half, halfHeight });
}

type LabelOptions = {
  /** Size of the digits. */
  size?: number;
  /** Whether the shape of an ink stands before each label. */
  figures?: boolean;
  /** Labels of another trail, to be avoided as well. */
  taken?: readonly ArcLabel[];
  /** The arcs of another trail, to be avoided like one's own. */
  alsoThere?: readonly Arc[];
};

/**
 * The labels of arcs: the size of each jump, if there is room; equal small jumps in a row share one, "6 jumps of 1";
 * one that would overlap another is lifted over it, and left out if even that does not fit.
 */
export function arcLabels(
  layout: LineLayout,
  trail: Trail,
  arcs: readonly Arc[],
  { size = arcTextSize(layout), figures = false, taken = [], alsoThere = [] }: LabelOptions = {},
): ArcLabel[] {
  const { geometry } = layout;
  const extra = figures ? size * ROOM_OF_FIGURE : 0;
  const labels: ArcLabel[] = [];
  // Those drawn together lie low on the line, or are everywhere.
  const all = [arcs, alsoThere].flatMap((some) => togetherOf(layout, some).single);
  const curves = all.length > MAX_KEPT_OFF ? [] : all.map((arc) => curveOf(geometry, arc));
  const flags = layout.flags.map(flagBox);
  /** What a run of equal jumps says: in signs where the words are too long beside an upright line. */
  const jumpsIn = (run: readonly Arc[], said: string, widthOf: (text: string) => number): string => {
    const [many, size] = [groupDigits(String(alikeIn(trail, run[0]!.index))), said.replace("+", "")];
    const words = `${many} jumps of ${size}`;
    const beside = geometry.point(0.5, run[0]!.height).x + 4;
    const isCut = geometry.shape === "upright" && beside + widthOf(words) > layout.room.width;
    return isCut ? `${many} × ${size}` : words;
  };
  const place = (run: readonly Arc[]) => {
    const first = run[0]!;
    const covered = run.every(({ index }) => trail.covers[index]?.size);
    const said = signed(first.by, layout.write);
    const widthOf = (text: string) => roomOf(text, size) + extra;
    const text = run.length === 1 ? said : jumpsIn(run, said, widthOf);
    // The width of a cover reveals nothing about the size under it.
    const width = widthOf(covered ? "+000" : text);
    let onAnArc: ArcLabel | null = null;
    for (const { x, y } of spots(layout, run, { width, size })) {
      const clear = [...taken, ...labels].every(
        (other) => Math.abs(other.x - x) >= (other.width + width) / 2 || Math.abs(other.y - y) >= size * 1.05,
      );
      if (!clear) continue;
      const label = {
        jumps: run.map(({ index }) => index),
        text,
        x: round(x),
        y: round(y),
        width,
        style: first.style,
        covered,
        onAnArc: false,
        beyond: geometry.shape !== "ring" && isBeyond(run),
      };
      const box = { left: x - width / 2, right: x + width / 2, top: y - size * 0.5, bottom: y + size * 0.5 };
      if (!curves.some((curve) => passes(curve, box)) && !flags.some((flag) => overlaps(flag, box))) {
        labels.push(label);
        return;
      }
      onAnArc ??= label;
    }
    // If arcs are everywhere, it is drawn over one, with a rim of its own.
    if (onAnArc) labels.push({ ...(onAnArc as ArcLabel), onAnArc: true });
  };
  for (let i = 0; i < arcs.length; ) {
    const arc = arcs[i]!;
    let end = i + 1;
    const fits = roomOf(signed(arc.by, layout.write), size) + extra <= arc.length + 2;
    // Jumps that are covered one by one keep labels of their own.
    while (
      !fits &&
      end < arcs.length &&
      arcs[end]!.by === arc.by &&
      arcs[end]!.index === arcs[end - 1]!.index + 1
    )
      end += 1;
    place(arcs.slice(i, end));
    i = end;
  }
  return labels;
}

/** How many consecutive jumps around a given one have its size, including those out of sight. */
function alikeIn({ jumps }: Trail, index: number): number {
  let [first, last] = [index, index];
  while (jumps[first - 1] === jumps[index]) first -= 1;
  while (jumps[last + 1] === jumps[index]) last += 1;
  return last - first + 1;
}
