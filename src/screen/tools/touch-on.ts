import type { Exact } from "@/core/number/exact";
import { isCoveredAt } from "@/core/scene/scene";
import type { Target } from "@/core/surface/cell-key";
import type { View } from "@/core/views/view";
import type { BoardStore } from "../store/board-store";
import { sceneOn } from "../store/on-show";

/** A touch on a number of a view, or a press by keys, with whatever is in hand. */
export function touchOn(store: BoardStore, view: View, number: Target, finger: number, reach?: Exact): void {
  const { beginSweep, hold } = store.getState();
  hold(view.id);
  beginSweep(number, finger, reach);
}

/**
 * Whether a long press shows what a cover hides: while preparing, and in class where a class screen of its own leaves this
 * window to the teacher. With one display everybody would see it: there only where the lesson asks for it.
 */
export function mayPeek(store: BoardStore, view: View, number: Target): boolean {
  const state = store.getState();
  const mayLook = state.preparing || state.seenAlone || state.words.peek === true;
  return mayLook && isCoveredAt(sceneOn(state, view), number);
}
