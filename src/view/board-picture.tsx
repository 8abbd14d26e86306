import { type BoardState, openBoard, sceneOf, standOn } from "@/core/lesson/board-state";
import type { Board } from "@/core/lesson/lesson";
import { chartOf } from "@/core/lesson/views-of";
import { ChartPicture } from "./chart/chart-picture";

type Props = { board: Board; width: number; height: number };

/** A board drawn small, as it looks from the top of its stair. */
export function BoardPicture({ board, width, height }: Props) {
  const chart = chartOf(board);
  const top: BoardState = standOn(openBoard(board), board.stair.length);
  return chart ? <ChartPicture settings={chart} scene={sceneOf(top)} width={width} height={height} /> : null;
}
