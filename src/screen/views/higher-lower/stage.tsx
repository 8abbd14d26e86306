"use client";

import { ArrowDown, ArrowUp, Dices, Eye } from "lucide-react";
import { randomOf } from "@/core/puzzle/draw";
import { drawFrom, type Said } from "@/core/puzzle/higher-lower";
import { guessedOf } from "@/core/scene/guessed";
import type { Move } from "@/core/scene/move";
import { Button } from "@/kit/button";
import { HigherLowerDrawing } from "@/view/higher-lower/higher-lower-drawing";
import { boardNow, sceneInHand } from "../../store/on-show";
import { useBoardStore } from "../../store/use-board";
import { useReader } from "../use-reader";
import { ViewButtons } from "../view-buttons";
import type { StageProps } from "../views";

/** Is the next number higher or lower? In a place of its own. */
export function HigherLowerStage({ view, strong }: StageProps<"higher-lower">) {
  const store = useBoardStore();
  const { room, drawn } = useReader(strong);
  const { id } = view;
  const { at, next, said, told } = guessedOf(drawn.scene, view);
  const act = (moves: Move[]) => store.getState().act([moves]);
  const draw = () => {
    const scene = sceneInHand(store.getState());
    const { seed } = boardNow(store.getState());
    const now = guessedOf(scene, view);
    const number = (nth: number, before: string | null) =>
      drawFrom(view, before, randomOf(seed, scene.draws + nth));
    if (now.at === null) {
      const first = number(0, null);
      return act([
        { do: "draw-next", view: id, number: first },
        { do: "draw" },
        { do: "draw-next", view: id, number: number(1, first) },
        { do: "draw" },
        { do: "focus", number: first },
      ]);
    }
    const shown = now.next ?? now.at;
    act([
      { do: "draw-next", view: id, number: number(0, shown) },
      { do: "draw" },
      { do: "focus", number: shown },
    ]);
  };
  const guess = (says: Said) => act([{ do: "guess", view: id, says }]);
  const show = () => {
    if (next !== null)
      act([
        { do: "show-next", view: id },
        { do: "focus", number: next },
      ]);
  };
  const waits = next !== null && !told;
  return (
    <section
      aria-label="Higher or lower"
      className="flex size-full min-h-0 min-w-0 flex-col rounded-card bg-board px-4 py-3 [container-type:size]"
    >
      <div ref={room} className="min-h-0 w-full min-w-0 flex-1">
        <HigherLowerDrawing view={view} {...drawn} />
      </div>
      <ViewButtons>
        <Button
          className="h-touch px-5"
          aria-pressed={said === "lower"}
          disabled={!waits}
          onClick={() => guess("lower")}
        >
          <ArrowDown aria-hidden size="1.375rem" /> Lower
        </Button>
        <Button
          className="h-touch px-5"
          aria-pressed={said === "higher"}
          disabled={!waits}
          onClick={() => guess("higher")}
        >
          <ArrowUp aria-hidden size="1.375rem" /> Higher
        </Button>
        {waits ? (
          <Button tone="stair" className="h-touch px-5" disabled={said === null} onClick={show}>
            <Eye aria-hidden size="1.375rem" /> Show it
          </Button>
        ) : (
          <Button tone="stair" className="h-touch px-5" onClick={draw}>
            <Dices aria-hidden size="1.375rem" /> {at === null ? "Draw the first two" : "Draw the next"}
          </Button>
        )}
      </ViewButtons>
    </section>
  );
}
