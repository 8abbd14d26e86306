"use client";

import { useMemo } from "react";
import { chartOf } from "@/core/lesson/views-of";
import { Chart } from "@/view/chart/chart";
import type { Run } from "@/view/chart/use-run";
import { pickBoard, useBoard, useBoardStore, useSceneSource } from "./use-board";

/** The chart of the board, in the teacher's hand. */
export function ChartStage({ strong }: { strong: boolean }) {
  const chart = useBoard((state) => chartOf(pickBoard(state)));
  const store = useBoardStore();
  const source = useSceneSource("at once");
  const run = useMemo<Run>(
    () => ({
      begin: (number, finger) => store.getState().beginRun(number, finger),
      over: (number, finger) => store.getState().runOver(number, finger),
      end: (finger) => store.getState().endRun(finger),
    }),
    [store],
  );
  if (!chart) return null;
  return (
    <section aria-label="Chart" className="min-h-0 min-w-0 rounded-card bg-board p-3">
      <Chart settings={chart} source={source} strong={strong} run={run} />
    </section>
  );
}
