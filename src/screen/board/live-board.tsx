"use client";

import { useLayoutEffect } from "react";
import { doTouches, takeNoMore } from "../early/touches-so-far";
import type { BoardStore } from "../store/board-store";
import { BoardProvider } from "../store/use-board";
import type { Ready } from "./begin";
import { BoardWindow } from "./board-window";
import type { OpenLesson } from "./open-lesson";

/** The interactive board screen of an opened lesson. */
export function LiveBoard({ open, ready }: { open: OpenLesson; ready: Ready }) {
  return (
    <BoardProvider store={ready.store}>
      <BoardWindow open={open} name={ready.name} unsaved={ready.unsaved} isBack={ready.isBack} />
      <LastTouches store={ready.store} />
    </BoardProvider>
  );
}

/** Once the board is interactive, replay what was touched on its picture until then. */
function LastTouches({ store }: { store: BoardStore }) {
  useLayoutEffect(() => {
    doTouches(store);
    takeNoMore();
  }, [store]);
  return null;
}
