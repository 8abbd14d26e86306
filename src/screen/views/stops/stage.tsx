"use client";

import { Highlighter } from "lucide-react";
import type { NumberKey } from "@/core/number/exact";
import type { StopPart } from "@/core/scene/slices/parts";
import { Button } from "@/kit/button";
import { say } from "@/kit/messages";
import { isStopCovered, StopsDrawing, toldExchanges } from "@/view/stops/stops-drawing";
import { boardInHand, sceneInHand } from "../../store/on-show";
import { useBoardStore } from "../../store/use-board";
import { useReader } from "../use-reader";
import { ViewButtons } from "../view-buttons";
import type { StageProps } from "../views";

/** Stops along the count, in a place of their own. */
export function StopsStage({ view, strong }: StageProps<"stops">) {
  const store = useBoardStore();
  const { room, drawn } = useReader(strong);
  const touchPart = (part: StopPart, number: NumberKey) => {
    const { tool, act } = store.getState();
    const scene = sceneInHand(store.getState());
    const covered = isStopCovered(scene, view, part);
    // Covered by the cover, shown by any other touch.
    if (covered !== (tool === "cover")) {
      return act([[{ do: "cover-part", view: view.id, part, on: !covered }]]);
    }
    if (!covered) act([[{ do: "focus", number }]]);
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
          <Highlighter aria-hidden size={20} /> Mark the exchanges
        </Button>
      </ViewButtons>
    </section>
  );
}
