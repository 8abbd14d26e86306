"use client";

import { linesOf } from "@/core/lesson/views-of";
import { NumberKeys } from "@/kit/number-keys";
import { keepKeyboard } from "@/kit/rail-button";
import { pickBoardInHand, pickScene, useBoard, useBoardStore } from "../store/use-board";
import { fillActionsOf } from "./fill-actions";

/**
 * A large keypad, for fingers that cannot reach a keyboard; a keyboard works as well.
 * @param low in few rows, where more stands below it
 */
export function Keypad({ low = false }: { low?: boolean }) {
  const waits = useBoard(
    (state) =>
      state.hand.at !== null ||
      state.hand.term !== null ||
      pickScene(state).asked?.as === "place" ||
      linesOf(pickBoardInHand(state)).some((line) => line.kind === "line" && line.open),
  );
  // Beside the set-up there is less height.
  const wide = useBoard((state) => state.preparing) || low;
  const typed = useBoard((state) => state.hand.typed);
  const store = useBoardStore();
  return (
    <div className="flex flex-col gap-2">
      <output
        aria-label="Typed so far"
        className="flex h-[clamp(2.75rem,6.4vh,4rem)] @min-[35rem]:h-touch items-center justify-center rounded-button border-2 border-rule font-numeral text-head font-bold text-by-hand"
      >
        {typed || (
          <span className="font-sans text-large font-medium text-quiet">
            {waits ? "Which number?" : "Touch where to write"}
          </span>
        )}
      </output>
      <NumberKeys wide={wide} onKey={(key) => fillActionsOf(store).typeKey(key)}>
        <button
          type="button"
          onMouseDown={keepKeyboard}
          onClick={() => fillActionsOf(store).writeTyped()}
          className={`h-full rounded-button bg-stair px-1 leading-tight font-bold hover:bg-[#f5bd12] ${wide ? "" : "text-large"}`}
        >
          Write it
        </button>
      </NumberKeys>
    </div>
  );
}
