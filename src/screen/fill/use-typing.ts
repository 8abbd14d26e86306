"use client";

import { useLayoutEffect } from "react";
import type { BoardScreenState } from "../store/board-store";
import { pickBoard, pickScene, useBoardStore } from "../store/use-board";
import { filling } from "./filling";

/** Whether a keypad is in use: to write numbers, or the number of a square that is asked for. */
const hasKeypad = (state: BoardScreenState): boolean => {
  if (state.tool !== "write") return false;
  const { by } = pickBoard(state).fill;
  return by === "keypad" || (by === "home" && pickScene(state).asked?.as === "place" && !state.hand.choosing);
};

/**
 * While a keypad is in use the keyboard types on it too: digits and signs, and once a square waits, Enter. What is
 * typed before the whole tool is loaded waits for it.
 * @param over whether a window is open over the board: keys are meant for that
 */
export function useTyping(over: boolean): void {
  const store = useBoardStore();
  useLayoutEffect(() => {
    const run = (key: string) =>
      filling.with(({ fillActionsOf }) => {
        const { typeKey, writeTyped } = fillActionsOf(store);
        if (key === "Enter") writeTyped();
        else if (key === "Escape") store.getState().choose("write");
        else typeKey(key === "Backspace" ? "back" : key === "-" ? "−" : key);
      });
    const onKeyDown = (event: KeyboardEvent) => {
      const target = event.target as Element | null;
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (target?.closest("input, textarea, [role=dialog]")) return;
      // Read from the store directly: what is typed right after a touch is meant for the result of that touch.
      if (over || !hasKeypad(store.getState())) return;
      const { hand } = store.getState();
      // Enter presses a focused button; in the middle of a number, only one of the keypad.
      const button = event.key === "Enter" ? target?.closest("button") : null;
      const typed = hand.typed !== "" || filling.isAwaited();
      if (button && (!typed || button.closest("[data-keypad]"))) return;
      const begun = typed || hand.at !== null || hand.term !== null;
      if (!/^[0-9./,-]$/.test(event.key) && !(begun && /^(Backspace|Enter|Escape)$/.test(event.key))) return;
      run(event.key);
      event.preventDefault();
      event.stopPropagation();
    };
    // Before the chart and the board's own keys: a digit would choose an ink.
    window.addEventListener("keydown", onKeyDown, { capture: true });
    return () => window.removeEventListener("keydown", onKeyDown, { capture: true });
  }, [store, over]);
}
