import { viewOf } from "@/core/lesson/views-of";
import type { Target } from "@/core/surface/cell-key";
import type { BoardStore } from "../store/board-store";
import { boardNow } from "../store/on-show";
import { touchOn } from "../tools/touch-on";
import { type Taken, TOUCHED } from "./take-touches";

const FINGER = -3;

type Taking = { taken: Taken[]; stop: () => void };
/** What the inline script has stored; there is none if the board was opened from the shelf. */
const taking = () => (globalThis as { [TOUCHED]?: Taking })[TOUCHED];

/** Replays on a board what was done on its picture, each touch and each key once. */
export function doTouches(store: BoardStore): void {
  for (const one of taking()?.taken.splice(0) ?? []) {
    if ("steps" in one) {
      if (one.steps > 0) store.getState().climb();
      else store.getState().stepDown();
      continue;
    }
    const view = viewOf(boardNow(store.getState()), one.view);
    if (!view) continue;
    touchOn(store, view, one.target as Target, FINGER);
    store.getState().endSweep(FINGER);
  }
}

/** The board itself is touched from now on. */
export const takeNoMore = (): void => taking()?.stop();
