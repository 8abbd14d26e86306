import type { Board } from "@/core/lesson/board";
import { type BoardState, paceOf, sceneOf } from "@/core/lesson/board-state";
import { boardWith } from "@/core/lesson/board-with";
import { boardAround, linesOf, surfacesOf } from "@/core/lesson/views-of";
import { sceneOfView } from "@/core/scene/own";
import type { Scene } from "@/core/scene/scene";
import type { View } from "@/core/views/view";
import type { BoardScreenState } from "./board-store";

/** The part of the store that determines how a board looks. */
export type OnShow = Pick<BoardScreenState, "boards" | "at" | "played" | "counting" | "within">;

export function boardStateOf(state: Pick<OnShow, "boards" | "at">): BoardState {
  return state.boards[state.at]!.present;
}

const scenes = new WeakMap<BoardState, Map<number, Scene>>();

/** The scene on show, regardless of a silent count. Folded once for each board state. */
function shownScene(state: OnShow): Scene {
  const board = boardStateOf(state);
  const played = state.played ?? Number.POSITIVE_INFINITY;
  return scenes.get(board)?.get(played) ?? keepScene(board, sceneOf(board, played), played);
}

/** The scene on show, read by every view that does not keep its own. */
export function sceneNow(state: OnShow): Scene {
  const board = boardStateOf(state);
  const scene = shownScene(state);
  return state.counting && isHushed(boardWith(board.board, scene.settings)) ? hushedOf(scene) : scene;
}

/**
 * The view in hand: the one touched last, else the first with numbers. Tools, count and panels are about its numbers,
 * which are the board's unless it keeps its own.
 */
export function viewInHand(state: OnShow): View | undefined {
  const board = boardNow(state);
  const surfaces = surfacesOf(board);
  return surfaces.find(({ id }) => id === state.within) ?? surfaces[0];
}

/** The scene as a view on show has it. */
export function sceneOn(state: OnShow, view: View | undefined): Scene {
  if (!view?.own) return state.counting && viewInHand(state)?.own ? shownScene(state) : sceneNow(state);
  const scene = sceneOfView(view, shownScene(state));
  const walks = state.counting && viewInHand(state)?.id === view.id;
  return walks && isHushed(boardNow(state)) ? hushedOf(scene) : scene;
}

/** The board on show as far as it shares its numbers with the view in hand. */
export const boardInHand = (state: OnShow): Board => boardAround(boardNow(state), viewInHand(state));

/** The scene as the view in hand has it. */
export const sceneInHand = (state: OnShow): Scene => sceneOn(state, viewInHand(state));

/** The board on show: as prepared, with what was set since. */
export function boardNow(state: OnShow): Board {
  return boardWith(boardStateOf(state).board, sceneNow(state).settings);
}

/**
 * Whether the number of a running count is hidden: in a silent count, or with a pointer covered until it stands still.
 */
const isHushed = (board: Board) =>
  board.count.silent || linesOf(board).some(({ pointer }) => pointer === "until-still");

const hushed = new WeakMap<Scene, Scene>();

/** The scene during a silent count. Memoised: however the count ends, its number shows again. */
function hushedOf(scene: Scene): Scene {
  const known = hushed.get(scene) ?? { ...scene, hushed: true };
  hushed.set(scene, known);
  return known;
}

/**
 * The scene of the whole board as a class screen shows it: like `sceneOn`, a count that walks in silence hides its number, also
 * in a view that keeps its own.
 */
export function classScene(state: OnShow): Scene {
  const view = viewInHand(state);
  if (!view?.own || !state.counting) return sceneNow(state);
  const scene = shownScene(state);
  const there = scene.own[view.id];
  if (!there || !isHushed(boardNow(state))) return scene;
  return { ...scene, own: { ...scene.own, [view.id]: { ...there, hushed: true } } };
}

/** Whether a step is playing its beats one after the other, by itself. */
export const isPlaying = (state: OnShow): boolean =>
  state.played !== null && paceOf(boardStateOf(state)) === "paced";

/** Caches the scene of a board state, however it was folded. */
export function keepScene(board: BoardState, scene: Scene, played = Number.POSITIVE_INFINITY): Scene {
  const known = scenes.get(board) ?? new Map<number, Scene>();
  scenes.set(board, known.set(played, scene));
  return scene;
}
