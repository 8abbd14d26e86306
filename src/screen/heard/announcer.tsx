"use client";

import { useEffect, useState } from "react";
import { type Heard, heardBetween } from "@/core/lesson/heard";
import type { BoardScreenState } from "../store/board-store";
import { pickBoard, pickBoardInHand, pickClimbed, pickScene, useBoardStore } from "../store/use-board";

/** What comes within this time is told together, in milliseconds: a drag over ten numbers is one thing. */
const TOGETHER_MS = 250;
/** A count that goes faster than this, in seconds a number, is told where it stops. */
const FAST_S = 1;

const heardNow = (state: BoardScreenState): Heard => ({
  board: pickBoardInHand(state),
  climbed: pickClimbed(state),
  scene: pickScene(state),
});

/** Tells who does not see the board what happens on it. */
export function Announcer() {
  const store = useBoardStore();
  const [words, setWords] = useState("");
  useEffect(() => {
    let told = { at: store.getState().at, ...heardNow(store.getState()) };
    let timer: ReturnType<typeof setTimeout> | undefined;
    const tell = () => {
      timer = undefined;
      const state = store.getState();
      if (state.counting && pickBoard(state).count.every < FAST_S) return;
      const now = { at: state.at, ...heardNow(state) };
      // Another board is told by its name in the row of boards.
      const heard = told.at === now.at ? heardBetween(told, now) : "";
      told = now;
      if (heard === "") return;
      // The same words once more are told once more.
      setWords((was) => (was === heard ? `${heard}\u00a0` : heard));
    };
    const stop = store.subscribe((now, before) => {
      if (now.boards === before.boards && now.played === before.played && now.counting === before.counting)
        return;
      timer ??= setTimeout(tell, TOGETHER_MS);
    });
    return () => {
      clearTimeout(timer);
      stop();
    };
  }, [store]);
  return (
    <p role="status" aria-label="What happens on the board" className="sr-only">
      {words}
    </p>
  );
}
