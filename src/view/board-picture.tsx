import { type BoardState, openBoard, sceneOf, standOn } from "@/core/lesson/board-state";
import type { Board } from "@/core/lesson/lesson";
import { chartOf } from "@/core/lesson/views-of";
import { LazyPicture } from "./lazy-picture";

/** A board drawn small, as it looks from the top of its stair. */
export function BoardPicture({ board }: { board: Board }) {
  const chart = chartOf(board);
  const top: BoardState = standOn(openBoard(board), board.stair.length);
  return chart ? <LazyPicture settings={chart} scene={sceneOf(top)} /> : null;
}
