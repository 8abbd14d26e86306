"use client";

import { useEffect, useState } from "react";
import { isAsking } from "@/core/lesson/board-state";
import { type Heard, heardBetween } from "@/core/lesson/heard";
import type { BoardScreenState } from "../store/board-store";
import { boardStateOf } from "../store/on-show";
import { pickBoard, pickBoardInHand, pickClimbed, pickScene, useBoardStore } from "../store/use-board";

/** What happens within this time is announced together, in milliseconds: a drag over ten numbers is one thing. */
const TOGETHER_MS = 250;
/** A count faster than this, in seconds per number, is announced only where it stops. */
const FAST_S = 1;

const heardNow = (state: BoardScreenState): Heard => ({
  board: pickBoardInHand(state),
  climbed: pickClimbed(state),
  asking: isAsking(boardStateOf(state)),
  scene: pickScene(state),
});

/** Announces to screen readers what happens on the board. */
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
      // A change of board is announced by its name in the row of boards.
      const heard = told.at === now.at ? heardBetween(told, now) : "";
      told = now;
      if (heard === "") return;
      // The same words are announced again when they come again.
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
