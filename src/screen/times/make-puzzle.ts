import { putPuzzle } from "@/core/lesson/put-puzzle";
import { type BoardStore, sceneNow } from "../board/board-store";

/** A puzzle of one answer on the times grid, ready to be written in; taken back with one touch. */
export function makePuzzle(store: BoardStore): void {
  store.getState().choose("write");
  store.getState().change((state) => putPuzzle(state, sceneNow(store.getState())));
}
