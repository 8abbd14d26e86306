"use client";

import { useCallback, useMemo } from "react";
import { isCount } from "@/core/count/count";
import type { Trail } from "@/core/count/trail";
import { Chart } from "@/view/chart/chart";
import type { Sweep } from "@/view/chart/use-sweep";
import { pickBoard, useBoard, useBoardStore } from "../../store/use-board";
import { mayPeek, touchOn } from "../../tools/touch-on";
import { useOnLine, useUnderHand } from "../use-under-hand";
import type { StageProps } from "../views";

/** Those of `p-3`. */
const edges = () => [12, 12, 12, 12] as const;

/** The chart of the board, in the teacher's hand. */
export function ChartStage({ view, strong }: StageProps<"chart">) {
  const { frame, held, given } = useUnderHand(view, strong, edges);
  const store = useBoardStore();
  const sweep = useMemo<Sweep>(
    () => ({
      begin: (number, finger) => touchOn(store, view, number, finger),
      over: (number, finger) => store.getState().sweepOver(number, finger),
      end: (finger) => store.getState().endSweep(finger),
      canPeek: (number) => mayPeek(store, view, number),
    }),
    [store, view],
  );
  const count = useBoard((state) => pickBoard(state).count);
  const ofCount = useCallback((trail: Trail) => isCount(trail, count), [count]);
  return (
    <section {...frame} className={`min-h-0 min-w-0 rounded-card bg-board p-3 ${held}`}>
      <Chart {...given} id={view.id} sweep={sweep} onLine={useOnLine(view)} isCount={ofCount} />
    </section>
  );
}
