import { hasLive } from "@/core/lesson/board-state";
import type { BoardStore } from "./board-store";
import { boardStateOf } from "./on-show";
import { sayDone } from "./say-done";

/**
 * The board as its step was prepared, with a way back in the message: much work may go with one touch. While numbers are
 * written, the key for it is the one that takes a digit back, and does nothing else.
 */
export function goBackToPrepared(store: BoardStore, byKey = true): void {
  const state = store.getState();
  if ((byKey && state.tool === "write") || !hasLive(boardStateOf(state))) return;
  state.backToStep();
  sayDone(store, "Back to prepared.");
}
