"use client";

import { useEffect } from "react";
import { linesOf } from "@/core/lesson/views-of";
import { NumberKeys } from "@/kit/number-keys";
import { keepKeyboard } from "@/kit/rail-button";
import { pickBoardInHand, pickScene, useBoard, useBoardStore } from "../board/use-board";

/** A large keypad, for fingers that cannot reach a keyboard; a keyboard works as well. */
export function Keypad() {
  const waits = useBoard(
    (state) =>
      state.hand.at !== null ||
      state.hand.term !== null ||
      pickScene(state).asked?.as === "place" ||
      linesOf(pickBoardInHand(state)).some((line) => line.kind === "line" && line.open),
  );
  const typed = useBoard((state) => state.hand.typed);
  const store = useBoardStore();
  useTyping();
  return (
    <div className="flex flex-col gap-2">
      <output
        aria-label="Typed so far"
        className="flex h-[clamp(44px,6.4vh,64px)] items-center justify-center rounded-button border-2 border-rule font-numeral text-4xl font-bold text-by-hand"
      >
        {typed || (
          <span className="font-sans text-lg font-medium text-quiet">
            {waits ? "Which number?" : "Touch where to write"}
          </span>
        )}
      </output>
      <NumberKeys onKey={(key) => store.getState().typeKey(key)}>
        <button
          type="button"
          onMouseDown={keepKeyboard}
          onClick={() => store.getState().writeTyped()}
          className="h-full rounded-button bg-stair text-lg font-bold hover:bg-[#f5bd12]"
        >
          Write it
        </button>
      </NumberKeys>
    </div>
  );
}

/** While the keypad is there, the keyboard types on it too: digits and signs, and once a place waits, Enter. */
function useTyping() {
  const store = useBoardStore();
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      const target = event.target as Element | null;
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (target?.closest("input, textarea, [role=dialog]")) return;
      const { typeKey, writeTyped, choose, hand } = store.getState();
      // A button is pressed by Enter; but in the middle of a number only those of the keypad are.
      const button = event.key === "Enter" ? target?.closest("button") : null;
      if (button && (hand.typed === "" || button.closest("[data-keypad]"))) return;
      if (/^[0-9./,-]$/.test(event.key)) typeKey(event.key === "-" ? "−" : event.key);
      else if (hand.at === null && hand.term === null && hand.typed === "") return;
      else if (event.key === "Backspace") typeKey("back");
      else if (event.key === "Enter") writeTyped();
      else if (event.key === "Escape") choose("write");
      else return;
      event.preventDefault();
      event.stopPropagation();
    };
    // Before the chart and the board's own keys: a digit would choose an ink.
    window.addEventListener("keydown", onKeyDown, { capture: true });
    return () => window.removeEventListener("keydown", onKeyDown, { capture: true });
  }, [store]);
}
