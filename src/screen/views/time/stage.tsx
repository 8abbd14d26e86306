"use client";

import { isCoveredPart } from "@/core/scene/covered-part";
import { SETTING, TimeDrawing, type TimePart } from "@/view/time/time-drawing";
import { sceneInHand } from "../../store/on-show";
import { useBoardStore } from "../../store/use-board";
import { turnPart } from "../turn-part";
import { useReader } from "../use-reader";
import type { StageProps } from "../views";

/** The number in focus as a time, in a place of its own. */
export function TimeStage({ view, strong }: StageProps<"time">) {
  const store = useBoardStore();
  const { room, drawn } = useReader(strong);
  const touchPart = (part: TimePart) => {
    const scene = sceneInHand(store.getState());
    const covered = isCoveredPart(scene, view.id, part, view[SETTING[part]] === "covered");
    turnPart(store, view.id, part, covered);
  };
  return (
    <section aria-label="Time" className="flex size-full min-h-0 min-w-0 rounded-card bg-board px-4 py-3">
      <div ref={room} className="size-full min-h-0 min-w-0">
        <TimeDrawing view={view} {...drawn} onPart={touchPart} />
      </div>
    </section>
  );
}
