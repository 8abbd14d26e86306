"use client";

import { useMemo } from "react";
import { countedIn } from "@/core/count/count";
import { currentStep } from "@/core/lesson/board-state";
import { boardHolds, trailOf, writerOf } from "@/core/lesson/views-of";
import { writtenText } from "@/core/number/fraction-text";
import { showNumber } from "@/core/number/show-number";
import { keepKeyboard } from "@/kit/rail-button";
import { TrailPanel } from "@/view/trail/trail-panel";
import { boardStateOf } from "./board-store";
import { pickBoard, useBoard, useSceneSource } from "./use-board";

/** The panel that reads the trail, where the board has one. */
export function TrailStage({ className }: { className: string }) {
  const board = useBoard(pickBoard);
  const source = useSceneSource("after paint");
  const settings = trailOf(board);
  const holds = useMemo(() => boardHolds(board), [board]);
  const write = useMemo(() => {
    const form = writerOf(board);
    return (number: string) => writtenText(form(number));
  }, [board]);
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
      className={`min-h-0 overflow-y-auto rounded-card bg-board p-6 ${className}`}
    >
      {settings && (
        <TrailPanel
          settings={settings}
          source={source}
          holds={holds}
          write={write}
          invitation={`Counting ${way === "back" ? "back " : ""}in ${countedIn(by)} from ${showNumber(from)}.${asks ? " What is the first number?" : ""}`}
        />
      )}
    </section>
  );
}
