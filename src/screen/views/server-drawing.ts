import { standingOn } from "@/core/lesson/at-first";
import type { Board } from "@/core/lesson/board";
import type { Moment } from "@/core/lesson/moment";
import { KIND_NAMES } from "@/core/views/view";
import { BoardDrawing, drawingsOf } from "@/view/board/board-drawing";
import { allCells, EarlyTouches, touchGrids } from "../early/early-touches";

/** Maximum number of cached moments: a shelf of many lessons, each at its latest revision. */
const MAX_KEPT = 600;
const moments = new Map<string, Moment>();

/** A board at one moment. Computed once for each key, however often its picture is requested. */
export function momentOf(name: string, board: Board, at: number): Moment {
  const key = `${at} ${name}`;
  const known = moments.get(key);
  if (known) return known;
  const moment = standingOn(board, at);
  if (moments.size >= MAX_KEPT) moments.delete(moments.keys().next().value!);
  moments.set(key, moment);
  return moment;
}

export { BoardDrawing, EarlyTouches, touchGrids };
export const allDrawings = drawingsOf(KIND_NAMES);
export const cellsOfAll = allCells();
