"use client";

import { useMemo } from "react";
import { countedFrom, countedIn } from "@/core/count/count";
import { currentStep } from "@/core/lesson/board-state";
import { boardHolds } from "@/core/lesson/views-of";
import { keepKeyboard } from "@/kit/rail-button";
import { TrailPanel } from "@/view/trail/trail-panel";
import { boardStateOf } from "./on-show";
import type { StageProps } from "./stages";
import { pickBoard, pickBoardInHand, useBoard, useNumberText, useSceneSource } from "./use-board";

/** The panel that reads the trail, where the board has one. */
export function TrailStage({ view }: StageProps<"trail">) {
  const board = useBoard(pickBoard);
  const source = useSceneSource("after paint");
  const around = useBoard(pickBoardInHand);
  const holds = useMemo(() => boardHolds(around), [around]);
  const write = useNumberText();
  // A board asks one question at a time: with the step's own above it, the panel asks none.
  const asks = useBoard((state) => !currentStep(boardStateOf(state))?.question);
  const { by, from, way } = board.count;
  return (
    <section
      aria-label="The count so far"
      // A long count is scrolled by keys as well.
      // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reached.
      tabIndex={0}
      onMouseDown={keepKeyboard}
      className={"size-full min-h-0 overflow-y-auto rounded-card bg-board p-6"}
    >
      <TrailPanel
        settings={view}
        source={source}
        holds={holds}
        write={write}
        invitation={`Counting ${way === "back" ? "back " : ""}in ${countedIn(by, write)} from ${countedFrom(from, write)}.${asks ? " What is the first number?" : ""}`}
      />
    </section>
  );
}
