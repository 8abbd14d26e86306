"use client";

import { useCallback, useMemo } from "react";
import { isCount } from "@/core/count/count";
import type { Trail } from "@/core/count/trail";
import type { NumberKey } from "@/core/number/exact";
import { Chart } from "@/view/chart/chart";
import type { Run } from "@/view/chart/use-run";
import { usePenOver } from "../../pen/use-pen-over";
import {
  pickBoard,
  useBoard,
  useBoardStore,
  useHeldLook,
  useSceneSource,
  useViewName,
} from "../../store/use-board";
import { mayPeek, touchOn } from "../../tools/touch-on";
import { useAsks } from "../use-asks";
import type { StageProps } from "../views";

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
