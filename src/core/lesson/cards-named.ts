import type { ViewId } from "../views/view-id";
import type { BoardState } from "./board-state";

/** The ids of a view's cards that moves of a board name, prepared or live, including cards that are gone. */
export function cardsNamed({ board, live }: BoardState, view: ViewId): number[] {
  const beats = [...board.opening, ...board.stair.flatMap((step) => step.beats.flat()), ...live.flat(3)];
  return beats.flatMap((move) => ("card" in move && move.view === view ? [move.card] : []));
}
