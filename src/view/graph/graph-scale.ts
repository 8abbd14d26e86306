import type { Graph } from "@/core/lesson/graph-of";
import { clamp, grown, type Size, type Theme } from "../drawing";

type Edge = { readonly min: number; readonly max: number; readonly step: number };

/** The numbers along an axis of a graph: the smallest, the largest, and their step. */
export type GraphScale = { readonly x: Edge; readonly y: Edge };

/** About how many numbers stand at an axis. */
const ACROSS = 12;
const UP = 8;

/** The scale of a graph. Covered points have their room as well, so that nothing moves when they are shown. */
export function graphScale({ series, as, max = 1 }: Graph): GraphScale {
  const points = series.flatMap((one) => one.points);
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
  const first = as === "bars" ? Math.min(...xs) - 1 : 0;
  const last = Math.max(first + 1, ...xs) + 1;
  const [low, high] = [Math.min(0, ...ys), Math.max(max, ...ys)];
  const step = stepFor(high - low, UP);
  return {
    x: { min: first, max: last, step: stepFor(last - first, ACROSS) },
    y: { min: Math.floor(low / step) * step, max: (Math.floor(high / step) + 1) * step, step },
  };
}

/** A step of 1, 2 or 5 times a power of ten that divides a length into about a given number. */
function stepFor(length: number, many: number): number {
  const closest = Math.max(1, length / many);
  const power = 10 ** Math.floor(Math.log10(closest));
  return [1, 2, 5, 10].map((one) => one * power).find((one) => one >= closest) ?? closest;
}

/** How large the numbers of a graph are. */
export const graphText = ({ height }: Size, theme: Theme): number =>
  clamp(15, height * 0.05, grown(theme, theme.strong ? 30 : 23));
