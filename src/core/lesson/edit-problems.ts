import type { Beat, Move } from "../scene/move";
import { MAX_PROBLEMS } from "../views/kinds/problems";
import type { ViewId } from "../views/view-id";
import type { BoardState } from "./board-state";
import { viewOf } from "./views-of";

/**
 * Removes one of the problems of a view; the last one stays. Steps and live acts on later problems follow them. Live
 * acts on the removed problem go; prepared moves on it stay in their steps and are reported as about a problem that is
 * no longer there. They never apply to a problem added later.
 * @param at which problem, from 0
 */
export function withoutProblem(state: BoardState, id: ViewId, at: number): BoardState {
  const view = viewOf(state.board, id);
  if (view?.kind !== "problems" || at >= view.items.length || view.items.length === 1) return state;
  const moved = (move: Move): Move => {
    if (!("problem" in move) || move.view !== id) return move;
    if (move.problem < at || move.problem === MAX_PROBLEMS) return move;
    return { ...move, problem: move.problem === at ? MAX_PROBLEMS : move.problem - 1 };
  };
  const inSteps = (beat: Beat): Beat => beat.map(moved);
  const byHand = (beat: Beat): Beat =>
    beat.filter((move) => !("problem" in move && move.view === id && move.problem === at)).map(moved);
  const { board } = state;
  const items = view.items.filter((_, index) => index !== at);
  return {
    ...state,
    board: {
      ...board,
      views: board.views.map((one) => (one === view ? { ...view, items } : one)),
      opening: inSteps(board.opening),
      stair: board.stair.map((step) => ({ ...step, beats: step.beats.map(inSteps) })),
    },
    live: state.live.map((acts) =>
      acts.map((act) => act.map(byHand).filter((beat) => beat.length > 0)).filter((act) => act.length > 0),
    ),
  };
}
