"use client";

import { type ComponentType, useEffect, useState } from "react";
import { createPortal, flushSync } from "react-dom";
import { type Moment, mayAsk } from "@/core/lesson/moment";
import { KIND_NAMES } from "@/core/views/view";
import { BoardDrawing, type Drawings, drawingsOf } from "@/view/board/board-drawing";
import { boardNow, boardStateOf, sceneNow } from "../store/on-show";
import { useBoardStore } from "../store/use-board";

/** The room of a board on paper: a landscape page less its margins. */
const ROOM = { width: 1240, height: 850 };

type Props = { strong: boolean };

/**
 * Loads the code that prints the board, with every drawing that it may need: a printing browser does not wait, and the
 * board may get a new view.
 */
export async function printBoard(): Promise<ComponentType<Props>> {
  const drawings = await drawingsOf(KIND_NAMES);
  return ({ strong }) => <PrintBoard strong={strong} drawings={drawings} />;
}

/** The board as the browser prints it: alone, whole, on one page. It is drawn when printing begins. */
function PrintBoard({ strong, drawings }: Props & { drawings: Drawings }) {
  const store = useBoardStore();
  const [moment, setMoment] = useState<Moment | null>(null);
  useEffect(() => {
    const begin = () => {
      const state = store.getState();
      const asks = mayAsk(boardStateOf(state));
      flushSync(() => setMoment({ board: boardNow(state), scene: sceneNow(state), mayAsk: asks }));
    };
    const end = () => setMoment(null);
    window.addEventListener("beforeprint", begin);
    window.addEventListener("afterprint", end);
    return () => {
      window.removeEventListener("beforeprint", begin);
      window.removeEventListener("afterprint", end);
    };
  }, [store]);
  if (!moment) return null;
  return createPortal(
    <div className="printed" data-part="printed">
      <BoardDrawing
        moment={moment}
        drawings={drawings}
        room={ROOM}
        theme={{ strong, screen: ROOM.height, bare: true }}
      />
    </div>,
    document.body,
  );
}
