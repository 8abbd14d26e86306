"use client";

import { nanoid } from "nanoid";
import { stepsForStops } from "@/core/lesson/stop-steps";
import type { ViewOf } from "@/core/views/view";
import { Button } from "@/kit/button";
import { say } from "@/kit/messages";
import { boardStateOf } from "../../store/on-show";
import { useBoardStore } from "../../store/use-board";

/** Writes the questions of the stops into the stair. */
export function StopsFields({ view }: { view: ViewOf<"stops"> }) {
  const store = useBoardStore();
  const write = () => {
    const before = boardStateOf(store.getState()).board.stair.length;
    store.getState().change((state) => stepsForStops(state, view, () => nanoid(8)));
    const more = boardStateOf(store.getState()).board.stair.length - before;
    say(
      more === 0
        ? "The count comes to none of these stops."
        : `${more} ${more === 1 ? "step" : "steps"} added at the top of the stair.`,
    );
  };
  return <Button onClick={write}>Add a step for each stop</Button>;
}
