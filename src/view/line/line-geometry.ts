import { type Exact, exact } from "@/core/number/exact";
import { type AnyLine, partOf, type Span } from "@/core/surface/line";

export type Point = { x: number; y: number };
export type LineShape = "flat" | "upright" | "ring" | "strip";
type Room = { width: number; height: number };

/**
 * Where a line lies in its room, in pixels. `point` gives the position of a fraction of the span, 0 at one end and 1 at
 * the other, raised off the line by some pixels on the side of the jumps; negative on the side of the labels.
 */
export type LineGeometry = {
  shape: LineShape;
  /** How long the span is, in pixels. */
  length: number;
  point: (part: number, lift: number) => Point;
  /** The fraction of the span under a point of the room. */
  partUnder: (at: Point) => number;
  /** How high jumps may rise. */
  headroom: number;
};

export const shapeOf = (line: AnyLine): LineShape => (line.kind === "strip" ? "strip" : line.shape);

/** The room that jumps need over a flat line, in pixels; only what is left goes to a second row of labels. */
const MIN_ABOVE = 100;

/**
 * The geometry of a line. Flat lines go to the right, upright ones up, rings with the clock from the top.
 * @param belowCells whether the numbers of a strip stand below its cells
 */
export function layGeometry(
  shape: LineShape,
  room: Room,
  label: { width: number; height: number },
  cells: number,
  belowCells = false,
): LineGeometry {
  const { width, height } = room;
  if (shape === "upright") {
    const pad = label.height / 2 + 14;
    const x = Math.min(width * 0.42, Math.max(label.width + 40, width / 2 - 40));
    const length = Math.max(1, height - 2 * pad);
    return {
      shape,
      length,
      point: (part, lift) => ({ x: x + lift, y: height - pad - part * length }),
      partUnder: (at) => (height - pad - at.y) / length,
      // The size of a jump stands beside its arc.
      headroom: Math.max(24, width - x - label.width * 1.6 - 16),
    };
  }
  if (shape === "ring") {
    const [x, y] = [width / 2, height / 2];
    const across = Math.min(width, height);
    // Room around it for jumps and their sizes; in a small room no more than needed, and in the smallest less.
    const round = Math.max(30, Math.min(40, across * 0.22), Math.min(70, across * 0.36 - 50));
    const radius = Math.max(20, across / 2 - round);
    return {
      shape,
      length: 2 * Math.PI * radius,
      point: (part, lift) => {
        const turn = 2 * Math.PI * part;
        return { x: x + (radius + lift) * Math.sin(turn), y: y - (radius + lift) * Math.cos(turn) };
      },
      partUnder: (at) => (Math.atan2(at.x - x, y - at.y) / (2 * Math.PI) + 1) % 1,
      headroom: Math.max(10, round - 40),
    };
  }
  // Below narrow cells the first and the last number extend beyond their own cell.
  const pad =
    shape === "strip" ? (belowCells ? label.width / 2 : STRIP_PAD) : Math.max(label.width / 2 + 8, 26);
  const length = Math.max(1, width - 2 * pad);
  // Jumps stand on the cells of a number strip, not on its middle.
  const base = shape === "strip" ? cellHeight(length / cells, height) / 2 : 0;
  // Room for a second row of labels, if enough is left for the jumps; under a strip for brackets with their landings.
  const [one, two] = [label.height + 34, 2 * label.height + 40];
  const rows = height - two >= Math.min(height * 0.42, MIN_ABOVE) ? two : one;
  const below = shape === "strip" ? base + label.height * (belowCells ? 2 : 1) + 20 : rows;
  // In the lowest room the size of a jump is worth more than brackets.
  const foot = base + 1 + (belowCells ? label.height + 14 : 0);
  const least =
    shape === "strip" && height < LOWEST ? Math.min(base + OVER + label.height, height - foot) : 20;
  const y = Math.max(least, base + 4, Math.min(height * 0.62, height - below));
  return {
    shape,
    length,
    point: (part, lift) => ({ x: pad + part * length, y: y - lift - (lift > 0 ? base : 0) }),
    partUnder: (at) => (at.x - pad) / length,
    headroom: Math.max(height < LOWEST && shape === "strip" ? 6 : 10, y - 44 - base),
  };
}

/** The room of a low arc over the cells of a strip, without its size, in a room lower than this, in pixels. */
const [OVER, LOWEST] = [28, 130];
/** The margin at either end of a strip, in pixels. */
const STRIP_PAD = 4;

/** The width of a cell of a strip with a number of cells. */
export const cellWidth = ({ width }: { width: number }, cells: number) =>
  Math.max(1, width - 2 * STRIP_PAD) / cells;

/** The height of a strip's cells, given their width. */
export const cellHeight = (width: number, room: number) =>
  Math.max(28, Math.min(width * 1.25, room * 0.3, 110));

/** The position of a number on a span, as a fraction; on an empty line where there is room for it. */
export type Placing = { partOf: (value: Exact) => number; valueAt: (part: number) => Exact };

const NEAR = 1e6;

/** A line on which equal distances are equally long. */
export function evenPlacing(span: Span): Placing {
  const length = span.to.sub(span.from);
  const [from, to] = [span.from.valueOf(), span.to.valueOf()];
  // Near zero a float is accurate to far less than a pixel; far from it only exact numbers are.
  const near = Math.max(Math.abs(from), Math.abs(to)) < NEAR && to - from > 1 / NEAR;
  return {
    partOf: near ? (value) => (value.valueOf() - from) / (to - from) : (value) => partOf(span, value),
    // To a millionth of the span: finer than a pixel, and exact.
    valueAt: (part) => span.from.add(length.mul(exact(Math.round(part * 1e6))).div(1e6)),
  };
}

/** The cells of a number track, each with its number in its middle. */
export function cellPlacing(span: Span, step: Exact): Placing {
  const half = step.div(2);
  return evenPlacing({ from: span.from.sub(half), to: span.to.add(half) });
}

const EDGE = 0.06;
/** Maximum share of an empty line taken by one gap. */
const MAX_GAP = 0.3;

/**
 * An empty line: the numbers put on it stand in order, larger gaps wider, but none so small that it cannot be seen and
 * none so large that it leaves no room for the others. As on paper, it is a sketch and not to scale.
 */
export function openPlacing(span: Span, put: readonly Exact[]): Placing {
  if (put.length < 2) return evenPlacing(span);
  const gaps = put.slice(1).map((value, i) => value.sub(put[i]!).valueOf());
  const smallest = Math.min(...gaps);
  const weights = gaps.map((gap) => 1 + Math.log2(gap / smallest) * 0.45);
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  const room = Math.min(1 - 2 * EDGE, gaps.length * MAX_GAP);
  const parts = [EDGE];
  for (const weight of weights) parts.push(parts.at(-1)! + (weight / total) * room);
  const ends = { low: put[0]!, high: put.at(-1)! };
  const between = (value: Exact, i: number) => {
    const part = value
      .sub(put[i]!)
      .div(put[i + 1]!.sub(put[i]!))
      .valueOf();
    return parts[i]! + part * (parts[i + 1]! - parts[i]!);
  };
  return {
    partOf: (value) => {
      if (value.compare(ends.low) <= 0) return between(value, 0);
      const next = put.findIndex((other) => other.compare(value) >= 0);
      return between(value, next < 0 ? put.length - 2 : Math.max(0, next - 1));
    },
    valueAt: (part) => {
      const next = parts.findIndex((other) => other >= part);
      const i = next < 0 ? parts.length - 2 : Math.max(0, next - 1);
      const inner = (part - parts[i]!) / (parts[i + 1]! - parts[i]!);
      const gap = put[i + 1]!.sub(put[i]!);
      return put[i]!.add(gap.mul(exact(Math.round(inner * 1e6))).div(1e6));
    },
  };
}
