"use client";

import { liveHere } from "@/core/lesson/board-state";
import { timesOf } from "@/core/lesson/views-of";
import { Slips, Verdict } from "../board/later";
import { boardStateOf } from "../store/on-show";
import { pickBoard, useBoard } from "../store/use-board";

/**
 * Tells the teacher which number was missed in a count marked by hand, or does not belong; and on a times grid whether
 * the visible numbers leave one answer for the cell asked for. It is said once, small and high on the teacher's own
 * screen, where a class does not look; the class screen shows nothing of it.
 */
export function Watcher() {
  const watches = useBoard(
    (state) => pickBoard(state).count.watch && !state.counting && liveHere(boardStateOf(state)).length > 0,
  );
  const times = useBoard((state) => timesOf(pickBoard(state)) !== undefined);
  // The code that looks for slips is loaded with the first touch.
  const slips = watches ? <Slips /> : null;
  return (
    <p role="status" aria-label="Only for you" className="flex items-center gap-1.5 text-small text-quiet">
      {times ? <Verdict otherwise={slips} /> : slips}
    </p>
  );
}
