// Without a browser: what draws here draws on the server too.
import { renderToStaticMarkup } from "react-dom/server";
import type { Board } from "@/core/lesson/board";
import { addView } from "@/core/lesson/edit-views";
import { newBoard } from "@/core/lesson/new-lesson";
import { fold } from "@/core/scene/fold";
import type { Move } from "@/core/scene/move";
import { EMPTY_SCENE } from "@/core/scene/scene";
import { startingChart } from "@/core/surface/starting-charts";
import { KINDS } from "@/core/views/kinds";
import { KIND_NAMES, type KindName } from "@/core/views/view";
import { BoardDrawing, drawingsOf } from "@/view/board/board-drawing";
import { ORDINARY } from "@/view/drawing";

export const drawings = await drawingsOf(KIND_NAMES);
export const ROOM = { width: 1240, height: 624 };
export const chartBoard = newBoard("board", "Board", startingChart("1-24"));

/** A board of one kind of view, beside a line. */
export const boardOf = (kind: KindName): Board =>
  addView({ ...chartBoard, views: [{ ...KINDS[kind].starts, id: kind }] }, KINDS.line.starts);

/** The markup of a board at rest after some moves. */
export const draw = (board: Board, moves: readonly Move[] = [], room = ROOM) =>
  renderToStaticMarkup(
    <BoardDrawing
      moment={{ board, scene: fold(EMPTY_SCENE, moves), mayAsk: true }}
      drawings={drawings}
      room={room}
      theme={ORDINARY}
    />,
  );

/** What is read in a drawing. */
export const textsOf = (markup: string) =>
  [...markup.matchAll(/>([^<>]+)</g)].map(([, text]) => text!.trim());
