import type { Board } from "@/core/lesson/board";

/** A count that walks faster leaves no time to draw its jumps from start to landing, least of all on a slow computer. */
const MIN_S = 1;

/** Whether jumps that are made now can be drawn in motion. */
export const hasTime = (counting: boolean, { count }: Pick<Board, "count">): boolean =>
  !counting || count.every >= MIN_S;
