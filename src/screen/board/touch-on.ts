import type { Exact } from "@/core/number/exact";
import { isCoveredAt } from "@/core/scene/scene";
import type { Target } from "@/core/surface/place-key";
import type { View } from "@/core/views/view";
import { KEYBOARD } from "@/view/chart/use-run";
import { penOnNumber } from "../pen/pen-on-number";
import type { BoardStore } from "./board-store";
import { sceneOn } from "./on-show";

/** A touch on a number of a view, or a press by keys, with whatever is in hand. */
export function touchOn(store: BoardStore, view: View, number: Target, finger: number, reach?: Exact): void {
  const { tool, beginRun, hold } = store.getState();
  hold(view.id);
  if (tool === "pen" && finger === KEYBOARD) {
    penOnNumber(store, view, number);
    return;
  }
  // What is typed next is for this place, and not for a button that was pressed before.
  if (tool === "write" && finger !== KEYBOARD) blurActive();
  beginRun(number, finger, reach);
}

const blurActive = () => document.activeElement instanceof HTMLElement && document.activeElement.blur();

/** Whether a long press shows what a cover hides: while preparing. In class everybody would see it. */
export function mayPeek(store: BoardStore, view: View, number: Target): boolean {
  const state = store.getState();
  return state.preparing && isCoveredAt(sceneOn(state, view), number);
}
