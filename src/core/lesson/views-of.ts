import { exact, keyOf, type NumberKey } from "../number/exact";
import { type Written, writeNumber, writtenText } from "../number/fraction-text";
import type { Scene } from "../scene/scene";
import { type ChartSettings, chartNumbers, placeOf, writesFractions } from "../surface/chart";
import {
  type AnyLine,
  type LineSettings,
  lineHolds,
  lineNumbers,
  type Span,
  type StripSettings,
} from "../surface/line";
import { scaleOf, spanOf, tickAt, ticksIn } from "../surface/line-scale";
import { MOST_TIMES, numberOf, type Target } from "../surface/place-key";
import { clampWindow, type TimesSettings, type WindowAt, windowPlaces } from "../surface/times-grid";
import type { PlacedKind } from "../views/placed";
import type { ArrowSettings, TrailSettings } from "../views/view-settings";
import type { Board, View } from "./lesson";

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

/** The line of a board, where it has one. */
export const lineOf = (board: Board): LineSettings | undefined =>
  board.views.find((view): view is LineSettings => view.kind === "line");

/** The number track of a board, where it has one. */
export const stripOf = (board: Board): StripSettings | undefined =>
  board.views.find((view): view is StripSettings => view.kind === "strip");

/** The lines and number tracks of a board. */
export const linesOf = (board: Board): AnyLine[] =>
  board.views.filter((view): view is AnyLine => view.kind === "line" || view.kind === "strip");

/** The part of a line that a scene shows. */
export const lookOf = (line: AnyLine, scene: Scene): Span => spanOf(line, scene.looks[line.kind]);

/** How a board writes its numbers: as its line does, so that 1/4 is 1/4 in every view. */
export function writerOf(board: Board): (number: NumberKey) => Written {
  const line = linesOf(board).find(({ numbers }) => numbers !== "decimal");
  const parts = line ? lineNumbers(line).step.d : 1n;
  const chart = chartOf(board);
  const form = line?.numbers ?? (chart && writesFractions(chart) ? "mixed" : "decimal");
  return (number) => writeNumber(exact(number), form, parts);
}

/** The same in one line of text: "1 1/4". */
export function textOn(board: Board): (number: NumberKey) => string {
  const write = writerOf(board);
  return (number) => writtenText(write(number));
}

/** Into how many parts a board cuts a whole: 4 where its line is in quarters; 1 where it writes decimals. */
export function partsOf(board: Board): number {
  const line = linesOf(board).find(({ numbers }) => numbers !== "decimal");
  return line ? Number(lineNumbers(line).step.d) : 1;
}

/** The numbers that stand on the lines of a board whatever is done: those that are compared. */
export function pinsOf(board: Board): NumberKey[] {
  const compare = board.views.find((view) => view.kind === "compare");
  return compare?.kind === "compare" ? [compare.a, compare.b].map((text) => keyOf(exact(text))) : [];
}

/** The views that have a place in the layout, in its order: the first one is the main view. */
export function placedOf(board: Board): PlacedView[] {
  return board.views.filter((view): view is PlacedView => {
    if (view.kind === "trail") return view.numbers || view.sentence || view.ones || view.words !== "off";
    return view.kind !== "arrows";
  });
}
export type PlacedView = Extract<View, { kind: PlacedKind }>;

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
    case "line":
    case "strip":
      return lineHolds(view, exact(number));
    case "trail":
    case "sentence":
    case "way":
    case "pairs":
    case "compare":
    case "problems":
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

/** Most numbers of a line that are listed. */
const MOST_LISTED = 2000;

/** The numbers that stand at the ticks of a line, as far as it is seen. */
export function lineKeys(line: AnyLine, scene: Scene): NumberKey[] {
  const span = lookOf(line, scene);
  const scale = scaleOf(line, span);
  const { first, last } = ticksIn(span, scale);
  const count = Math.max(0, Math.min(MOST_LISTED, Number(last - first) + 1));
  return Array.from({ length: count }, (_, i) => keyOf(tickAt(scale, first + BigInt(i))));
}

/**
 * What can be touched on a board: the numbers of its chart in order, or the places of its times grid's window, or the
 * numbers at the ticks of its line.
 */
export function boardPlaces(board: Board, scene: Scene): readonly Target[] {
  const [chart, times, line] = [chartOf(board), timesOf(board), linesOf(board)[0]];
  if (chart) return chartNumbers(chart);
  if (times) return windowPlaces(times, windowOf(times, scene));
  return line ? lineKeys(line, scene) : [];
}

/** The numbers that a board shows, each once, in order. */
export function boardNumbers(board: Board, scene: Scene): NumberKey[] {
  const places = boardPlaces(board, scene);
  if (chartOf(board) || !timesOf(board)) return places.map(numberOf);
  const numbers = new Set(places.map(numberOf));
  return [...numbers].sort((a, b) => Number(a) - Number(b));
}

/** The board with another main view in the place of its first one; a view of that kind elsewhere goes. */
export function withMain(board: Board, main: PlacedView): Board {
  const first = placedOf(board)[0];
  return first ? exchangeView(board, first.kind, main) : withView(board, main);
}

/** The board with a view in the place of another one. A view of the new one's kind elsewhere changes places with it. */
export function exchangeView(board: Board, old: PlacedKind, view: PlacedView): Board {
  if (old === view.kind) return withView(board, view);
  const leaving = board.views.find(({ kind }) => kind === old);
  const views = board.views.map((one) =>
    one.kind === old ? view : one.kind === view.kind && leaving ? leaving : one,
  );
  return fitting({ ...board, views });
}

/** The board with two of its views in each other's places. */
export function swapViews(board: Board, a: PlacedKind, b: PlacedKind): Board {
  const [first, second] = [a, b].map((kind) => board.views.find((view) => view.kind === kind));
  if (!first || !second) return board;
  return {
    ...board,
    views: board.views.map((view) => (view === first ? second : view === second ? first : view)),
  };
}

/** The board without its views of a kind. The last one stays. */
export function withoutView(board: Board, kind: View["kind"]): Board {
  const views = board.views.filter((view) => view.kind !== kind);
  return views.length === 0 ? board : fitting({ ...board, views });
}

/** Arrow moves are made on a chart: without one they go too. */
function fitting(board: Board): Board {
  if (chartOf(board)) return board;
  return { ...board, views: board.views.filter(({ kind }) => kind !== "arrows") };
}

/** The board with the view of the same kind replaced, or added where there was none. */
export function withView(board: Board, view: View): Board {
  const there = board.views.some((old) => old.kind === view.kind);
  return {
    ...board,
    views: there ? board.views.map((old) => (old.kind === view.kind ? view : old)) : [...board.views, view],
  };
}
