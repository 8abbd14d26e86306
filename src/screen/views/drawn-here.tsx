"use client";

import { useEffect, useMemo, useState } from "react";
import { standingOn } from "@/core/lesson/at-first";
import { BoardDrawing, type Drawings, drawingsOf } from "@/view/board/board-drawing";
import type { StillProps } from "./still-board";

/** A board's picture drawn by the browser. */
export function DrawnHere({ board, at, room, theme }: StillProps) {
  const moment = useMemo(() => standingOn(board, at), [board, at]);
  const [drawings, setDrawings] = useState<Drawings | null>(null);
  useEffect(() => {
    let gone = false;
    void drawingsOf(board.views.map(({ kind }) => kind)).then((there) => !gone && setDrawings(there));
    return () => {
      gone = true;
    };
  }, [board]);
  return drawings && <BoardDrawing moment={moment} drawings={drawings} room={room} theme={theme} />;
}
