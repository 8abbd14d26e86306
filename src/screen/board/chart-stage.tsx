"use client";

import { useCallback, useMemo } from "react";
import { isCount } from "@/core/count/count";
import type { Trail } from "@/core/count/trail";
import type { NumberKey } from "@/core/number/exact";
import type { View } from "@/core/views/view";
import { Chart } from "@/view/chart/chart";
import type { Run } from "@/view/chart/use-run";
import { usePenOver } from "../pen/use-pen-over";
import type { StageProps } from "./stages";
import { mayPeek, touchOn } from "./touch-on";
import {
  pickBoard,
  pickBoardInHand,
  pickScene,
  useBoard,
  useBoardStore,
  useHeldLook,
  useSceneSource,
  useViewName,
} from "./use-board";

/** The chart of the board, in the teacher's hand. */
export function ChartStage({ view, strong }: StageProps<"chart">) {
  const name = useViewName(view);
  const held = useHeldLook(view);
  const store = useBoardStore();
  const source = useSceneSource("at once", view);
  const over = usePenOver(view.id);
  const run = useMemo<Run>(
    () => ({
      begin: (number, finger) => touchOn(store, view, number, finger),
      over: (number, finger) => store.getState().runOver(number, finger),
      end: (finger) => store.getState().endRun(finger),
      canPeek: (number) => mayPeek(store, view, number),
    }),
    [store, view],
  );
  const onLine = useCallback(
    (numbers: NumberKey[]) => {
      store.getState().hold(view.id);
      store.getState().touchLine(numbers);
    },
    [store, view.id],
  );
  const asks = useAsks(view);
  const count = useBoard((state) => pickBoard(state).count);
  const ofCount = useCallback((trail: Trail) => isCount(trail, count), [count]);
  return (
    <section
      aria-label={name}
      data-view={view.id}
      className={`min-h-0 min-w-0 rounded-card bg-board p-3 ${held}`}
    >
      <Chart
        settings={view}
        source={source}
        strong={strong}
        run={run}
        onLine={onLine}
        asks={asks}
        over={over}
        isCount={ofCount}
      />
    </section>
  );
}

/**
 * The place that waits for its number: the one being written in, else the one that is asked for. On a view that shows
 * other numbers than the one in hand none does.
 */
export function useAsks(view?: View) {
  const at = useBoard((state) => state.hand.at);
  const typed = useBoard((state) => state.hand.typed);
  const asked = useBoard((state) => pickScene(state).asked);
  const here = useBoard(
    (state) => view === undefined || pickBoardInHand(state).views.some(({ id }) => id === view.id),
  );
  const waits = here ? (at ?? (asked?.as === "place" ? asked.number : null)) : null;
  return useMemo(() => (waits === null ? null : { number: waits, typed }), [waits, typed]);
}
