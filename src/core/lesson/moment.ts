import type { Scene } from "../scene/scene";
import type { Board } from "./board";
import { type BoardState, sceneOf, stepAsked } from "./board-state";
import { boardWith } from "./board-with";

/**
 * A board at one moment: its settings by then, its scene, and whether its views may ask a question, which they do only
 * where no step does.
 */
export type Moment = { readonly board: Board; readonly scene: Scene; readonly mayAsk: boolean };

/** Whether the views of a board may ask a question: not if a step asks one. */
export const mayAsk = (state: BoardState): boolean => !stepAsked(state)?.question;

/** The moment of a board's current state. */
export function momentOf(state: BoardState): Moment {
  const scene = sceneOf(state);
  return { board: boardWith(state.board, scene.settings), scene, mayAsk: mayAsk(state) };
}
