import { openBoard, standOn } from "./board-state";
import type { Board } from "./lesson";
import { type Moment, momentOf } from "./moment";

/** A function of boards that is worked out once for each. */
const once = (work: (board: Board) => Moment) => {
  const known = new WeakMap<Board, Moment>();
  return (board: Board): Moment => {
    const there = known.get(board) ?? work(board);
    known.set(board, there);
    return there;
  };
};

const standing = (steps: number) => (board: Board) =>
  momentOf(standOn(openBoard(board), Math.min(steps, board.stair.length)));

/** A board as it opens. */
export const asOpened = once(standing(0));

/**
 * A board on its first step, as the shelf shows it. Further up the stair stands what the class is still to find, and a
 * shelf is seen by the class too.
 */
export const onFirstStep = once(standing(1));
