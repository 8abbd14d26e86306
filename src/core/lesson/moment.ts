import type { Scene } from "../scene/scene";
import type { Board } from "./board";
import { type BoardState, currentStep, sceneOf } from "./board-state";
import { boardWith } from "./board-with";

/** A board at one moment: as it is set by then, what it shows, and whether its views may ask, as no step does. */
export type Moment = { readonly board: Board; readonly scene: Scene; readonly mayAsk: boolean };

/** Whether the views of a board may ask, where it stands: no step asks already. */
export const mayAsk = (state: BoardState): boolean => !currentStep(state)?.question;

/** What a board shows where it stands. */
export function momentOf(state: BoardState): Moment {
  const scene = sceneOf(state);
  return { board: boardWith(state.board, scene.settings), scene, mayAsk: mayAsk(state) };
}
