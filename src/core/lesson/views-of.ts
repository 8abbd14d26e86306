import type { NumberKey } from "../number/exact";
import { type ChartSettings, placeOf } from "../surface/chart";
import type { Board, TrailSettings, View } from "./lesson";

/** The chart of a board, where it has one. */
export const chartOf = (board: Board): ChartSettings | undefined =>
  board.views.find((view): view is ChartSettings => view.kind === "chart");

/** The panel that reads the trail, where the board has one. */
export const trailOf = (board: Board): TrailSettings | undefined =>
  board.views.find((view): view is TrailSettings => view.kind === "trail");

/** Whether a view holds a number, so that a count can go there. */
function holds(view: View, number: NumberKey): boolean {
  switch (view.kind) {
    case "chart":
      return placeOf(view, number) !== null;
    case "trail":
      return false;
    default:
      return view satisfies never;
  }
}

/** Whether any view of the board holds the number. */
export const boardHolds =
  (board: Board) =>
  (number: NumberKey): boolean =>
    board.views.some((view) => holds(view, number));

/** The board with the view of the same kind replaced, or added where there was none. */
export function withView(board: Board, view: View): Board {
  const there = board.views.some((old) => old.kind === view.kind);
  return {
    ...board,
    views: there ? board.views.map((old) => (old.kind === view.kind ? view : old)) : [...board.views, view],
  };
}
