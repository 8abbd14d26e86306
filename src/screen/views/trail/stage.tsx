"use client";

import { mayAsk } from "@/core/lesson/moment";
import { keepKeyboard } from "@/kit/rail-button";
import { TrailDrawing } from "@/view/trail/trail-drawing";
import { boardStateOf } from "../../store/on-show";
import { useBoard } from "../../store/use-board";
import { useReader } from "../use-reader";
import type { StageProps } from "../views";

/** The count panel. */
export function TrailStage({ view, strong }: StageProps<"trail">) {
  const { room, drawn } = useReader(strong);
  // A board asks one question at a time: with the step's own above it, the panel asks none.
  const asks = useBoard((state) => mayAsk(boardStateOf(state)));
  return (
    <section
      aria-label="The count so far"
      // A long count is scrolled by keys as well.
      // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reached.
      tabIndex={0}
      onMouseDown={keepKeyboard}
      className="size-full min-h-0 overflow-y-auto rounded-card bg-board p-6 [@container(height<7rem)]:px-4 [@container(height<7rem)]:py-3"
    >
      <div ref={room} className="size-full">
        <TrailDrawing view={view} {...drawn} mayAsk={asks} />
      </div>
    </section>
  );
}
