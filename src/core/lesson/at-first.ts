import type { Scene } from "../scene/scene";
import { openBoard, sceneOf, standOn } from "./board-state";
import { boardWith } from "./board-with";
import type { Board } from "./lesson";

/** A board at one moment: as it is set by then, and what it shows. */
export type Moment = { readonly board: Board; readonly scene: Scene };

/** A function of boards that is worked out once for each. */
const once = (work: (board: Board) => Moment) => {
  const known = new WeakMap<Board, Moment>();
  return (board: Board): Moment => {
    const there = known.get(board) ?? work(board);
    known.set(board, there);
    return there;
  };
};

const standing = (steps: number) => (prepared: Board) => {
  const scene = sceneOf(standOn(openBoard(prepared), Math.min(steps, prepared.stair.length)));
  return { board: boardWith(prepared, scene.settings), scene };
};

/** A board as it opens. */
export const asOpened = once(standing(0));

/**
 * A board on its first step, as the shelf shows it. Further up the stair stands what the class is still to find, and a
 * shelf is seen by the class too.
 */
export const onFirstStep = once(standing(1));
