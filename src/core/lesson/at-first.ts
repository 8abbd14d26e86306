import type { Board } from "./board";
import { openBoard, standOn } from "./board-state";
import { type Moment, momentOf } from "./moment";

const known = new WeakMap<Board, Map<number, Moment>>();

/** A board with a number of steps climbed: 0 as it opens, at most all of them. Memoised. */
export function standingOn(board: Board, steps: number): Moment {
  const moments = known.get(board) ?? new Map<number, Moment>();
  known.set(board, moments);
  const level = Math.min(steps, board.stair.length);
  const there = moments.get(level) ?? momentOf(standOn(openBoard(board), level));
  moments.set(level, there);
  return there;
}

/** A board as it opens. */
export const asOpened = (board: Board): Moment => standingOn(board, 0);

/**
 * A board on its first step, as the shelf shows it. Later steps hold what the class is still to find, and the class
 * sees the shelf too.
 */
export const onFirstStep = (board: Board): Moment => standingOn(board, 1);
