import { gridOf } from "@/core/surface/chart";
import type { KindName, View, ViewOf } from "@/core/views/view";

const ROWS: { readonly [K in KindName]?: (view: ViewOf<K>) => number } = {
  chart: (view) => gridOf(view).rows,
  // The column numbers take a row more.
  times: ({ rows }) => rows + 1,
};

/** The number of rows that the numbers of a view stand in, if they do. */
export const rowsOf = (view: View): number | undefined => ROWS[view.kind]?.(view as never);

/**
 * On an upright screen the rows of a chart above something else are high enough to be read: so much of the screen each,
 * with the edges of its card in rooms between two views; but the chart takes no more than this part of the height.
 */
export const READABLE = { row: 0.0355, gaps: 3.2, share: 0.66 };

/** The rows of the first of several views, if the others have none: two charts are compared, each as large as the other. */
export function rowsAbove(rows: readonly (number | undefined)[]): number {
  const [first, ...others] = rows;
  return first === undefined || others.some((other) => other !== undefined) ? 0 : first;
}
