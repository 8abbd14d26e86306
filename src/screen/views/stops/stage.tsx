"use client";

import { Highlighter } from "lucide-react";
import type { NumberKey } from "@/core/number/exact";
import type { StopPart } from "@/core/scene/slices/parts";
import { Button } from "@/kit/button";
import { say } from "@/kit/messages";
import { isStopCovered, StopsDrawing, toldExchanges } from "@/view/stops/stops-drawing";
import { boardInHand, sceneInHand } from "../../store/on-show";
import { useBoardStore } from "../../store/use-board";
import { turnPart } from "../turn-part";
import { useReader } from "../use-reader";
import { ViewButtons } from "../view-buttons";
import type { StageProps } from "../views";

/** Stops along the count, in a place of their own. */
export function StopsStage({ view, strong }: StageProps<"stops">) {
  const store = useBoardStore();
  const { room, drawn } = useReader(strong);
  const touchPart = (part: StopPart, number: NumberKey) => {
    const covered = isStopCovered(sceneInHand(store.getState()), view, part);
    // A touch that neither covers nor shows a part puts its number in focus.
    if (!turnPart(store, view.id, part, covered) && !covered)
      store.getState().act([[{ do: "focus", number }]]);
  };
  const mark = () => {
    const state = store.getState();
    const numbers = toldExchanges(boardInHand(state), sceneInHand(state), view);
    if (numbers.length === 0) return say("No exchange is shown yet. Show one to mark it.");
    state.act([[{ do: "mark", ink: state.ink, numbers }]]);
  };
  return (
    <section
      aria-label="Stops of the count"
      className="flex size-full min-h-0 min-w-0 flex-col rounded-card bg-board px-4 py-3 [container-type:size]"
    >
      <div ref={room} className="min-h-0 w-full min-w-0 flex-1">
        <StopsDrawing view={view} {...drawn} onPart={touchPart} />
      </div>
      <ViewButtons>
        <Button tone="quiet" onClick={mark}>
          <Highlighter aria-hidden size="1.25rem" /> Mark the exchanges
        </Button>
      </ViewButtons>
    </section>
  );
}
