import type { Graph } from "@/core/lesson/graph-of";
import { clamp, grown, type Size, type Theme } from "../drawing";

type Edge = { readonly min: number; readonly max: number; readonly step: number };

/** The numbers along an axis of a graph: the smallest, the largest, and their step. */
export type GraphScale = { readonly x: Edge; readonly y: Edge };

/** About how many numbers stand at an axis. */
const ACROSS = 12;
const UP = 8;
/** What a quotient in floating point may be off by. */
const TINY = 1e-9;

/** The scale of a graph. Covered points have their room as well, so that nothing moves when they are shown. */
export function graphScale({ series, as, max = 1 }: Graph): GraphScale {
  const points = series.flatMap((one) => one.points);
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
  const first = as === "bars" ? Math.min(...xs) - 1 : 0;
  const last = Math.max(first + 1, ...xs) + 1;
  const [low, high] = [Math.min(0, ...ys), Math.max(max, ...ys)];
  const step = stepFor(high - low, UP, ys.every(Number.isInteger) ? 1 : 0);
  return {
    x: { min: first, max: last, step: stepFor(last - first, ACROSS, 1) },
    y: { min: Math.floor(low / step) * step, max: (Math.floor(high / step + TINY) + 1) * step, step },
  };
}

/** The numbers that stand at an axis: the multiples of its step. */
export function ticksOf({ min, max, step }: Edge): number[] {
  const first = Math.ceil(min / step - TINY);
  const many = Math.max(0, Math.floor(max / step + TINY) - first + 1);
  // In floating point three steps of 0.1 are a little more than 0.3.
  return Array.from({ length: many }, (_, i) => Number(((first + i) * step).toPrecision(12)));
}

/** A step of 1, 2 or 5 times a power of ten, at least `min`, that divides a length into about a given number. */
function stepFor(length: number, many: number, min: number): number {
  const closest = Math.max(min, length / many);
  const power = 10 ** Math.floor(Math.log10(closest));
  return [1, 2, 5, 10].map((one) => one * power).find((one) => one >= closest) ?? closest;
}

/** The size of numbers that are read from the back of the room, in parts of the height of the screen. */
const FROM_THE_BACK = 0.0275;

/** How large the numbers of a graph are: as large as elsewhere, unless that would leave no room for the graph. */
export const graphText = ({ height }: Size, theme: Theme): number =>
  clamp(
    15,
    Math.max(height * 0.05, Math.min(height * 0.085, theme.screen * FROM_THE_BACK)),
    grown(theme, theme.strong ? 30 : 23),
  );

/** How large the points are: smaller where they would run into each other, but never too small to be seen. */
export const pointRadius = ({ min, max }: Edge, { width }: Size, radius: number): number =>
  clamp(3.5, (width / (max - min)) * 0.42, radius);

/** How wide the cover of a point is: narrower where the next position is close. */
export const coverWidth = (apart: number, text: number): number => clamp(4, apart * 0.8, text * 1.2);
