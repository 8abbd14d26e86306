"use client";

import { clsx } from "clsx";
import { ArrowDown, ArrowUp, RotateCcw } from "lucide-react";
import { hasLive, isAsking, paceOf } from "@/core/lesson/board-state";
import { manyOf } from "@/core/number/many-of";
import { keepKeyboard } from "@/kit/rail-button";
import { useSingleTap } from "@/kit/use-single-tap";
import { goBackToPrepared } from "../store/back-to-prepared";
import { boardStateOf } from "../store/on-show";
import { pickBoard, pickClimbed, useBoard, useBoardStore } from "../store/use-board";

/** The stair: down, the steps as rising blocks, up. */
export function StairRail() {
  const steps = useBoard((state) => pickBoard(state).stair.length);
  const climbed = useBoard(pickClimbed);
  const asking = useBoard((state) => isAsking(boardStateOf(state)));
  const playing = useBoard((state) => state.played !== null);
  const paced = useBoard((state) => paceOf(boardStateOf(state)) === "paced");
  const store = useBoardStore();
  const down = useSingleTap(() => store.getState().stepDown());
  const up = useSingleTap(() => store.getState().climb());
  return (
    // biome-ignore lint/a11y/useSemanticElements: buttons of a rail are no form group.
    <div role="group" aria-label="Stair" className="flex shrink-0 items-end gap-2">
      {steps > 0 && (
        <>
          <button
            type="button"
            aria-label="Step down"
            disabled={climbed === 0 && !asking}
            onMouseDown={keepKeyboard}
            {...down}
            className="flex h-rail w-[3.625rem] shrink-0 flex-col low:h-press low:w-12 items-center justify-center gap-0.5 rounded-button border-2 border-rail-line text-small leading-none font-semibold text-white enabled:hover:border-white disabled:text-[#8593aa]"
          >
            <ArrowDown aria-hidden size="1.375rem" className="shrink-0" />
            <span className="low:sr-only">Step down</span>
          </button>
          <Blocks steps={steps} climbed={climbed} asking={asking} />
          <button
            type="button"
            aria-label={playing && paced ? "Finish the step" : "Climb"}
            disabled={climbed === steps && !playing}
            onMouseDown={keepKeyboard}
            {...up}
            className="flex h-rail w-[3.625rem] shrink-0 flex-col low:h-press low:w-12 items-center justify-center gap-0.5 rounded-button bg-stair text-small leading-none font-bold text-ink enabled:hover:bg-[#ffd75e] disabled:bg-unclimbed disabled:text-[#8b9ab2]"
          >
            <ArrowUp aria-hidden size="1.625rem" />
            <span className="low:sr-only">Climb</span>
          </button>
        </>
      )}
    </div>
  );
}

/**
 * The steps as blocks, each higher than the one before; climbed ones are yellow, the current one is brightest, and one
 * whose question stands before its moves is an outline. Once something was done live, a touch on them goes back to the
 * step as prepared.
 */
function Blocks({ steps, climbed, asking }: { steps: number; climbed: number; asking: boolean }) {
  const live = useBoard((state) => hasLive(boardStateOf(state)));
  const store = useBoardStore();
  const where = asking
    ? `The question of step ${climbed + 1} of ${steps}`
    : climbed === 0
      ? `At the start of ${manyOf(steps, "step")}`
      : `Step ${climbed} of ${steps}`;
  const blocks = Array.from({ length: steps }, (_, index) => (
    <span
      // biome-ignore lint/suspicious/noArrayIndexKey: a block is its height.
      key={index}
      className={clsx(
        "min-w-0 flex-1 rounded-t-sign",
        index + 1 === climbed ? "bg-stair" : index < climbed ? "bg-stair-deep" : "bg-unclimbed",
        asking && index === climbed && "border-2 border-stair",
      )}
      style={{ height: `${24 + (76 * (index + 1)) / steps}%` }}
    />
  ));
  const shape =
    "relative flex h-rail w-14 shrink-0 min-[87.5rem]:w-[clamp(3.5rem,5.4vw,11.25rem)] low:h-press items-end gap-[3px]";
  if (!live) {
    return (
      <div role="img" aria-label={where} className={shape}>
        {blocks}
      </div>
    );
  }
  return (
    <button
      type="button"
      aria-label={`${where}. Back to prepared`}
      onMouseDown={keepKeyboard}
      onClick={() => goBackToPrepared(store, false)}
      className={clsx(shape, "group rounded-button")}
    >
      {blocks}
      <span className="absolute inset-x-0 top-0 flex justify-center rounded-button bg-rail/85 py-0.5 text-small leading-[1.1] font-semibold text-white group-hover:text-stair">
        <RotateCcw
          aria-hidden
          size="1.25rem"
          strokeWidth={2.4}
          className="shrink-0 min-[90rem]:hidden low:block"
        />
        <span className="hidden min-[90rem]:inline low:hidden">Back to prepared</span>
      </span>
    </button>
  );
}
