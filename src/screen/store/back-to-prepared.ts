import { hasLive } from "@/core/lesson/board-state";
import type { BoardStore } from "./board-store";
import { boardStateOf } from "./on-show";
import { sayDone } from "./say-done";

/**
 * Returns the board to its step as prepared, with a way back in the message, since much work may go with one touch.
 * While numbers are being written, the key for it deletes a digit and does nothing else.
 */
export function goBackToPrepared(store: BoardStore, byKey = true): void {
  const state = store.getState();
  if ((byKey && state.tool === "write") || !hasLive(boardStateOf(state))) return;
  state.backToStep();
  sayDone(store, "Back to prepared.");
}
