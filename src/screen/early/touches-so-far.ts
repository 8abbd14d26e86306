import { viewOf } from "@/core/lesson/views-of";
import type { Target } from "@/core/surface/cell-key";
import type { BoardStore } from "../store/board-store";
import { boardNow } from "../store/on-show";
import { touchOn } from "../tools/touch-on";
import { TOUCHED } from "./take-touches";

const FINGER = -3;

type Taking = { taken: { view: string; target: string }[]; stop: () => void };
/** What the inline script has stored; there is none if the board was opened from the shelf. */
const taking = () => (globalThis as { [TOUCHED]?: Taking })[TOUCHED];

/** Replays on a board what was touched on its picture, each touch once. */
export function doTouches(store: BoardStore): void {
  for (const { view: id, target } of taking()?.taken.splice(0) ?? []) {
    const view = viewOf(boardNow(store.getState()), id);
    if (!view) continue;
    touchOn(store, view, target as Target, FINGER);
    store.getState().endSweep(FINGER);
  }
}

/** The board itself is touched from now on. */
export const takeNoMore = (): void => taking()?.stop();
