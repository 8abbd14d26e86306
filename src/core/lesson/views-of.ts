import { exact, type NumberKey } from "../number/exact";
import { type Written, writeNumber, writtenText } from "../number/fraction-text";
import { sceneOfView } from "../scene/own";
import type { Scene } from "../scene/scene";
import { numberOf, type Target } from "../surface/cell-key";
import { writesFractions } from "../surface/chart";
import { lineNumbers, type Span } from "../surface/line";
import { spanOf } from "../surface/line-scale";
import { clampWindow, type WindowAt } from "../surface/times-grid";
import type { Seen } from "../views/kind";
import type { Layout } from "../views/layout";
import { isOfKind, type KindName, kindOfView, type View, type ViewOf } from "../views/view";
import type { ViewId } from "../views/view-id";
import type { Board } from "./board";

export type LineView = ViewOf<"line"> | ViewOf<"strip">;

/** The views of a board of given kinds, in order. */
export const viewsOf = <K extends KindName>(board: Board, ...kinds: readonly K[]) =>
  board.views.filter(isOfKind(...kinds));

/** The view of a board with an id. */
export const viewOf = (board: Board, id: ViewId): View | undefined =>
  board.views.find((view) => view.id === id);

/** The first chart of a board, where it has one. */
export const chartOf = (board: Board): ViewOf<"chart"> | undefined => viewsOf(board, "chart")[0];

/** The first count panel of a board, if it has one. */
export const trailOf = (board: Board): ViewOf<"trail"> | undefined => viewsOf(board, "trail")[0];

/** The panel for arrow moves, where the board has one. */
export const arrowsOf = (board: Board): ViewOf<"arrows"> | undefined => viewsOf(board, "arrows")[0];

/** The first times grid of a board, where it has one. */
export const timesOf = (board: Board): ViewOf<"times"> | undefined => viewsOf(board, "times")[0];

/** The times grid of a board that is a puzzle: of several grids the first without row and column numbers, if there is one. */
export function puzzleOf(board: Board): ViewOf<"times"> | undefined {
  return viewsOf(board, "times").find(
    ({ rowNames, columnNames }) => rowNames === "absent" && columnNames === "absent",
  );
}

/** The times grid that "Which number?" is asked on: the puzzle, or else the first. */
export const askedTimesOf = (board: Board): ViewOf<"times"> | undefined => puzzleOf(board) ?? timesOf(board);

/** The lines and number strips of a board. */
export const linesOf = (board: Board): LineView[] => viewsOf(board, "line", "strip");

/** The part of a line that a scene shows. */
export const lookOf = (line: LineView, scene: Pick<Scene, "looks">): Span =>
  spanOf(line, scene.looks[line.id]);

/** The window of a times grid as a scene has it. */
export const windowOf = (times: ViewOf<"times">, scene: Pick<Scene, "windows">): WindowAt =>
  clampWindow(times, scene.windows[times.id] ?? times);

/** The form in which a board writes its numbers: that of its line, so that 1/4 is 1/4 in every view. */
export function writerOf(board: Board): (number: NumberKey) => Written {
  const line = linesOf(board).find(({ numbers }) => numbers !== "decimal");
  const parts = line ? lineNumbers(line).step.d : 1n;
  const inFractions = viewsOf(board, "chart").some(writesFractions);
  const form = line?.numbers ?? (inFractions ? "mixed" : "decimal");
  return (number) => writeNumber(exact(number), form, parts);
}

/** The same as plain text: "1 1/4". */
export function textOn(board: Board): (number: NumberKey) => string {
  const write = writerOf(board);
  return (number) => writtenText(write(number));
}

/** The number of parts that a board divides a whole into: 4 if its line or its chart is in quarters; 1 if it writes decimals. */
export function partsOf(board: Board): number {
  const line = linesOf(board).find(({ numbers }) => numbers !== "decimal");
  if (line) return Number(lineNumbers(line).step.d);
  const chart = viewsOf(board, "chart").find(writesFractions);
  return chart ? Number(exact(exact(chart.first).d).lcm(exact(chart.difference).d).n) : 1;
}

/** The numbers that always stand on the lines of a board: those being compared. */
export const pinsOf = (board: Board): NumberKey[] =>
  board.views.flatMap((view) => kindOfView(view).pins(view));

/** The views placed in the layout, in order; the first is the main view. */
export const placedOf = (board: Board): View[] => board.views.filter((view) => kindOfView(view).stands(view));

/**
 * The placed views that are not hidden. Views with nothing to say keep their places while a hand is at work beside
 * them.
 */
export const keptOf = (board: Board, scene: Scene): View[] =>
  placedOf(board).filter(({ id }) => !scene.hidden.includes(id));

/**
 * The views seen in class at one moment: placed, not hidden, and with something to say. The main view always keeps its
 * place.
 */
export const standingOf = (board: Board, scene: Scene): View[] =>
  keptOf(board, scene).filter((view, index) => index === 0 || saysSomething(view, sceneOfView(view, scene)));

function saysSomething(view: View, { trail, aside, hushed }: Scene): boolean {
  const { needs } = kindOfView(view);
  if (needs === undefined || aside || hushed) return true;
  return needs === "a trail" ? trail !== null : (trail?.jumps.length ?? 0) > 0;
}

/** Whether the views of a board may be stacked: not if one of three or more is a ring, which needs the height. */
export const mayStandAbove = (board: Board): boolean =>
  placedOf(board).length < 3 || !viewsOf(board, "line").some(({ shape }) => shape === "ring");

/** The layout that is used: the board's own, if it leaves its views large enough to be read. */
export const layoutOf = (board: Board): Layout =>
  board.layout.run === "above" && !mayStandAbove(board) ? { ...board.layout, run: "beside" } : board.layout;

/** The views of a board on which numbers are laid out. */
export const surfacesOf = (board: Board): View[] =>
  placedOf(board).filter((view) => kindOfView(view).surface !== undefined);

const sharing = new WeakMap<Board, Map<ViewId, Board>>();

/**
 * A board reduced to the views that share their numbers with a given view: without those that keep their own; or, for
 * one that does, without all others that have numbers. Memoised.
 */
export function boardAround(board: Board, view: View | undefined): Board {
  if (!board.views.some(({ own }) => own)) return board;
  const known = sharing.get(board) ?? new Map<ViewId, Board>();
  sharing.set(board, known);
  const of = view?.own ? view.id : "";
  const stays = (one: View) =>
    kindOfView(one).surface === undefined || (of === "" ? !one.own : one.id === of);
  const there = known.get(of) ?? { ...board, views: board.views.filter(stays) };
  known.set(of, there);
  return there;
}

/** The name of a view on its board; a second one of a kind gets a number. */
export function viewName(board: Board, view: View): string {
  const { name } = kindOfView(view);
  const nth = viewsOf(board, view.kind).findIndex(({ id }) => id === view.id);
  return nth > 0 ? `${name} ${nth + 1}` : name;
}

/**
 * Whether the board holds the number: one of the views on which numbers are laid out does; if there is none, one that
 * shows a single number.
 */
export function boardHolds(board: Board): (number: NumberKey) => boolean {
  const laidOut = board.views.filter((view) => kindOfView(view).surface !== undefined);
  const views = laidOut.length > 0 ? laidOut : board.views;
  return (number) => views.some((view) => kindOfView(view).holds(view, number));
}

/** What a scene shows of a view. */
export const seenOf = (view: View, { looks, windows }: Scene): Seen => ({
  look: looks[view.id],
  window: windows[view.id],
});

/**
 * What can be touched on a board: the numbers of its charts in order, the cells of its times grids' windows, or the
 * numbers at the ticks of its lines.
 */
export function boardCells(board: Board, scene: Scene): readonly Target[] {
  for (const kinds of [["chart"], ["times"], ["line", "strip"]] as const) {
    const views = viewsOf(board, ...kinds);
    if (views.length === 0) continue;
    const lists = views.map((view) => kindOfView<View>(view).lists(view, seenOf(view, scene)));
    return lists.length === 1 ? lists[0]! : [...new Set(lists.flat())];
  }
  return [];
}

/** The numbers that a board shows, each once, in order. */
export function boardNumbers(board: Board, scene: Scene): NumberKey[] {
  const cells = boardCells(board, scene);
  if (chartOf(board) || !timesOf(board)) return cells.map(numberOf);
  const numbers = new Set(cells.map(numberOf));
  return [...numbers].sort((a, b) => Number(a) - Number(b));
}
