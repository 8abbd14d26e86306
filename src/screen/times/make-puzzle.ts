import { puzzleBeat } from "@/core/lesson/put-puzzle";
import type { ViewId } from "@/core/views/view-id";
import type { BoardStore } from "../store/board-store";
import { boardNow, sceneInHand } from "../store/on-show";

/** Makes a puzzle with one answer on the times grid, ready to be filled in; taken back with one touch. */
export function makePuzzle(store: BoardStore, view: ViewId): void {
  store.getState().choose("write");
  const board = boardNow(store.getState());
  const beat = puzzleBeat(board, view, sceneInHand(store.getState()), Math.floor(Math.random() * 2 ** 31));
  if (beat) store.getState().act([beat]);
}
