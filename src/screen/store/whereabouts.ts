import type { BoardState } from "@/core/lesson/board-state";
import type { BoardScreenState } from "./board-store";
import { boardStateOf } from "./on-show";

/** Where a teacher was in a lesson: stored by the window, so that a reload in class loses nothing. */
export type Whereabouts = {
  /** The board on show. */
  at: string;
  /** The class being taught; missing in data from older windows. */
  forClass?: string | undefined;
  /** By board. */
  boards: { readonly [id in string]?: Pick<BoardState, "climbed" | "live" | "asked"> };
};

/** Whether anything has been done with the class: an untouched sitting does not replace a stored one. */
export const isBegun = ({ boards }: Pick<BoardScreenState, "boards">): boolean =>
  boards.some(
    ({ present: { climbed, live, asked } }) => climbed > 0 || asked || live.some((acts) => acts.length > 0),
  );

export function whereaboutsOf(state: BoardScreenState): Whereabouts {
  return {
    at: boardStateOf(state).board.id,
    forClass: state.taughtTo,
    boards: Object.fromEntries(state.boards.map(({ present: { board, ...where } }) => [board.id, where])),
  };
}
