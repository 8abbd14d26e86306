import type { Scene } from "../scene/scene";
import { currentStep, openBoard, sceneOf, standOn } from "./board-state";
import { boardWith } from "./board-with";
import type { Board } from "./lesson";

/** A board at one moment: as it is set by then, what it shows, and whether its views may ask, as no step does. */
export type Moment = { readonly board: Board; readonly scene: Scene; readonly mayAsk: boolean };

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
  const state = standOn(openBoard(prepared), Math.min(steps, prepared.stair.length));
  const scene = sceneOf(state);
  return {
    board: boardWith(prepared, scene.settings),
    scene,
    mayAsk: !currentStep(state)?.question,
  };
};

/** A board as it opens. */
export const asOpened = once(standing(0));

/**
 * A board on its first step, as the shelf shows it. Further up the stair stands what the class is still to find, and a
 * shelf is seen by the class too.
 */
export const onFirstStep = once(standing(1));
