import type { Board } from "@/core/lesson/board";
import { viewsOf } from "@/core/lesson/views-of";
import type { ViewId } from "@/core/views/view-id";

/**
 * How high the panels of arrows and of a times grid are: their placeholders are as high, so that the board keeps its
 * place when they arrive. The arrows stand below each other, or where there is room in two columns.
 */
export const LEAST = {
  arrows: "min-h-[18rem] @min-[35rem]:min-h-[12.25rem]",
  times: "min-h-[15.4375rem] portrait:min-h-[9.5rem]",
} as const;
/** The choice between several panels, with the room below it, in pixels. */
export const CHOICE_ROOM = 60 + 12;

/** The arrows of a board, and its times grids but those hidden for now: each has a panel beside it; the first is the highest. */
export const panelsOf = (board: Board, hidden: readonly ViewId[] = []) => [
  ...viewsOf(board, "arrows"),
  ...viewsOf(board, "times").filter(({ id }) => !hidden.includes(id)),
];
