import type { Graph } from "@/core/lesson/graph-of";
import { clamp, grown, type Size, type Theme } from "../drawing";

type Edge = { readonly min: number; readonly max: number; readonly step: number };

/** The numbers at the two edges of a graph: the least, the most, and how far apart they stand. */
export type GraphScale = { readonly x: Edge; readonly y: Edge };

/** About so many numbers stand at an edge. */
const ACROSS = 12;
const UP = 8;

/** The scale of a graph. What is covered has its room as well, so that nothing moves when it is shown. */
export function graphScale({ series, as, most = 1 }: Graph): GraphScale {
  const points = series.flatMap((one) => one.points);
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
  const first = as === "bars" ? Math.min(...xs) - 1 : 0;
  const last = Math.max(first + 1, ...xs) + 1;
  const [low, high] = [Math.min(0, ...ys), Math.max(most, ...ys)];
  const step = stepFor(high - low, UP);
  return {
    x: { min: first, max: last, step: stepFor(last - first, ACROSS) },
    y: { min: Math.floor(low / step) * step, max: (Math.floor(high / step) + 1) * step, step },
  };
}

/** A step of 1, 2 or 5 with noughts behind it, of which about so many make a length. */
function stepFor(length: number, many: number): number {
  const least = Math.max(1, length / many);
  const power = 10 ** Math.floor(Math.log10(least));
  return [1, 2, 5, 10].map((one) => one * power).find((one) => one >= least) ?? least;
}

/** How large the numbers of a graph are. */
export const graphText = ({ height }: Size, theme: Theme): number =>
  clamp(15, height * 0.05, grown(theme, theme.strong ? 30 : 23));
