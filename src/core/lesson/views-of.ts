import type { NumberKey } from "../number/exact";
import { type ChartSettings, chartNumbers, placeOf } from "../surface/chart";
import { MOST_TIMES, numberOf, type Target } from "../surface/place-key";
import { clampWindow, type TimesSettings, type WindowAt, windowPlaces } from "../surface/times-grid";
import type { ArrowSettings, Board, TrailSettings, View } from "./lesson";
import type { Scene } from "./scene";

/** The chart of a board, where it has one. */
export const chartOf = (board: Board): ChartSettings | undefined =>
  board.views.find((view): view is ChartSettings => view.kind === "chart");

/** The panel that reads the trail, where the board has one. */
export const trailOf = (board: Board): TrailSettings | undefined =>
  board.views.find((view): view is TrailSettings => view.kind === "trail");

/** The panel for arrow moves, where the board has one. */
export const arrowsOf = (board: Board): ArrowSettings | undefined =>
  board.views.find((view): view is ArrowSettings => view.kind === "arrows");

/** The times grid of a board, where it has one. */
export const timesOf = (board: Board): TimesSettings | undefined =>
  board.views.find((view): view is TimesSettings => view.kind === "times");

/** The window of a times grid as a scene has it. */
export const windowOf = (times: TimesSettings, scene: Scene): WindowAt =>
  clampWindow(times, scene.window ?? times);

/** Whether a view holds a number, so that a count can go there. */
function holds(view: View, number: NumberKey): boolean {
  switch (view.kind) {
    case "chart":
      return placeOf(view, number) !== null;
    case "times":
      // Every whole number above 0 lives in a times grid, in its first row if nowhere else.
      return /^[1-9]\d*$/.test(number) && Number(number) <= MOST_TIMES;
    case "trail":
    case "arrows":
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

/** What can be touched on a board: the numbers of its chart in order, or the places of its times grid's window. */
export function boardPlaces(board: Board, scene: Scene): Target[] {
  const [chart, times] = [chartOf(board), timesOf(board)];
  return chart ? chartNumbers(chart) : times ? windowPlaces(times, windowOf(times, scene)) : [];
}

/** The numbers that a board shows, each once, in order. */
export function boardNumbers(board: Board, scene: Scene): NumberKey[] {
  const chart = chartOf(board);
  if (chart) return chartNumbers(chart);
  const numbers = new Set(boardPlaces(board, scene).map(numberOf));
  return [...numbers].sort((a, b) => Number(a) - Number(b));
}

/** The board with another main view: a chart or a times grid, in the place of either. */
export function withMain(board: Board, main: ChartSettings | TimesSettings): Board {
  const others = board.views.filter((view) => view.kind !== "chart" && view.kind !== "times");
  // Arrow moves are made on a chart.
  const fitting = main.kind === "times" ? others.filter((view) => view.kind !== "arrows") : others;
  return { ...board, views: [main, ...fitting] };
}

/** The board without its views of a kind. */
export function withoutView(board: Board, kind: View["kind"]): Board {
  return { ...board, views: board.views.filter((view) => view.kind !== kind) };
}

/** The board with the view of the same kind replaced, or added where there was none. */
export function withView(board: Board, view: View): Board {
  const there = board.views.some((old) => old.kind === view.kind);
  return {
    ...board,
    views: there ? board.views.map((old) => (old.kind === view.kind ? view : old)) : [...board.views, view],
  };
}
