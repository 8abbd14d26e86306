"use client";

import { Pause, Play } from "lucide-react";
import { countedFrom, jumpOf, nextOfCount } from "@/core/count/count";
import { boardHolds } from "@/core/lesson/views-of";
import { countedIn } from "@/core/number/counted-in";
import type { NumberKey } from "@/core/number/exact";
import { TurnButton } from "@/kit/button";
import { keepKeyboard } from "@/kit/rail-button";
import { boardInHand, sceneInHand } from "../store/on-show";
import { pickBoard, pickScene, useBoard, useBoardStore, useNumberText } from "../store/use-board";
import { useClock } from "../store/use-clock";
import { noNext } from "./no-next";
import { ON_RAIL, placeOf } from "./rail-plan";

const ROUND =
  "flex size-touch shrink-0 items-center justify-center rounded-button text-white low:size-press enabled:hover:bg-white/10 disabled:text-[#6d7c95]";

type Props = {
  /** The count is being set, beside the board. */
  setting: boolean;
  onSet: () => void;
};

/** The count: one back, start or pause, one on, and what is counted. */
export function CountRail({ setting, onSet }: Props) {
  const count = useBoard((state) => pickBoard(state).count);
  const counting = useBoard((state) => state.counting);
  const hasTrail = useBoard((state) => pickScene(state).trail !== null);
  const store = useBoardStore();
  const write = useNumberText();

  const tellIfNone = (walks: boolean) => {
    const board = boardInHand(store.getState());
    const { trail } = sceneInHand(store.getState());
    if (!nextOfCount(trail, board.count, boardHolds(board)))
      noNext.with(({ tellNoNext }) => tellNoNext(store, write, walks));
  };
  useClock(counting, count.every, () => {
    if (!store.getState().walkOn()) tellIfNone(true);
  });
  const toggle = () => {
    const state = store.getState();
    if (counting) state.pauseCount();
    else {
      state.startCount();
      if (!store.getState().counting) tellIfNone(true);
    }
  };

  return (
    // biome-ignore lint/a11y/useSemanticElements: buttons of a rail are no form group.
    <div role="group" aria-label="Count" className="flex shrink-0 items-center phone:order-2">
      <button
        type="button"
        aria-label="One jump back"
        disabled={!hasTrail}
        className={ROUND}
        onMouseDown={keepKeyboard}
        onClick={() => store.getState().oneBack()}
      >
        <Jump by={jumpOf({ ...count, way: count.way === "back" ? "forwards" : "back" })} />
      </button>
      <TurnButton
        aria-label={counting ? "Pause the count" : "Start the count"}
        className="flex size-touch shrink-0 items-center justify-center low:size-press rounded-button border-2 border-rail-line text-white hover:border-white"
        onMouseDown={keepKeyboard}
        onClick={toggle}
      >
        {counting ? (
          <Pause aria-hidden size="1.5rem" fill="currentColor" />
        ) : (
          <Play aria-hidden size="1.5rem" fill="currentColor" />
        )}
      </TurnButton>
      <button
        type="button"
        aria-label="One jump on"
        className={ROUND}
        onMouseDown={keepKeyboard}
        onClick={() => {
          if (setting && !store.getState().preparing) onSet();
          tellIfNone(false);
          store.getState().oneOn();
        }}
      >
        <Jump by={jumpOf(count)} />
      </button>
      <TurnButton
        title="Set the count"
        aria-expanded={setting}
        onMouseDown={keepKeyboard}
        onClick={onSet}
        className={`${ON_RAIL[placeOf("set-count", false)]} h-rail w-26 shrink-0 flex-col items-start justify-center gap-0.5 rounded-button px-1.5 text-left leading-tight hover:bg-white/10 aria-expanded:bg-white/15 rail-more:w-36 low:h-press`}
      >
        <span className="line-clamp-2 w-full text-small font-semibold leading-[1.15] low:truncate">
          Count in <span className="text-stair">{countedIn(count.by, write)}</span>
        </span>
        <span className="line-clamp-2 w-full text-small leading-[1.15] text-rail-text low:truncate">
          {count.way === "back" ? "back from" : "from"} {countedFrom(count.from, write)}
          <span className="hidden rail-more:inline">
            ,{" "}
            <span className="whitespace-nowrap">
              every {count.every === 0.5 ? "½" : count.every === 0.25 ? "¼" : count.every} s
            </span>
          </span>
        </span>
      </TurnButton>
    </div>
  );
}

/** A jump with its sign, as it stands on its button. */
function Jump({ by }: { by: NumberKey }) {
  const said = useNumberText()(by);
  const text = by.startsWith("-") ? said : `+${said}`;
  return (
    <span
      aria-hidden
      className={`font-numeral font-bold ${text.length > 4 ? "text-small" : text.length > 3 ? "text-base" : "text-large"}`}
    >
      {text}
    </span>
  );
}
