"use client";

import { boardNumbers } from "@/core/lesson/views-of";
import { pick, randomOf } from "@/core/puzzle/draw";
import type { Move } from "@/core/scene/move";
import { numbersWith } from "@/core/scene/scene";
import { ALL } from "@/core/set/rule";
import type { ViewOf } from "@/core/views/view";
import { Button } from "@/kit/button";
import { boardInHand, sceneInHand } from "../store/on-show";
import { pickScene, useBoard, useBoardStore } from "../store/use-board";

const SOME = 5;

/** Hides the numbers of a shading, so that only the shading is seen, and brings them back. */
export function Hiding({ chart }: { chart: ViewOf<"chart"> }) {
  const store = useBoardStore();
  const scene = useBoard(pickScene);
  const board = useBoard(boardInHand);
  const covered = numbersWith(scene, "cover", boardNumbers(board, scene)).length;
  const hide = () => {
    const bare: Move[] =
      chart.covers === "empty"
        ? []
        : [{ do: "set", setting: { of: "view", is: { ...chart, covers: "empty" } } }];
    store.getState().act([[...bare, { do: "cover", numbers: ALL }]]);
  };
  const bringBack = (many: number) => {
    const state = store.getState();
    const [now, here] = [sceneInHand(state), boardInHand(state)];
    const hidden = numbersWith(now, "cover", boardNumbers(here, now));
    const back = pick(hidden, many, randomOf(here.seed, now.draws));
    if (back.length > 0) state.act([[{ do: "lift", numbers: back }, { do: "draw" }]]);
  };
  return (
    <div className="flex flex-col gap-2">
      <Button tone="strong" onClick={hide}>
        Hide the numbers
      </Button>
      <div className="grid grid-cols-3 gap-2">
        <Button className="px-2" disabled={covered === 0} onClick={() => bringBack(1)}>
          Show one
        </Button>
        <Button className="px-2" disabled={covered === 0} onClick={() => bringBack(SOME)}>
          Show five
        </Button>
        <Button
          className="px-2"
          disabled={covered === 0}
          onClick={() => store.getState().act([[{ do: "lift", numbers: ALL }]])}
        >
          Show all
        </Button>
      </div>
    </div>
  );
}
