"use client";

import { useCallback, useMemo } from "react";
import { numberOf, type Target } from "@/core/surface/cell-key";
import type { WindowAt } from "@/core/surface/times-grid";
import type { Sweep } from "@/view/chart/use-sweep";
import { TimesGrid } from "@/view/times/times-grid";
import { useBoardStore } from "../../store/use-board";
import { mayPeek, touchOn } from "../../tools/touch-on";
import { useOnLine, useUnderHand } from "../use-under-hand";
import type { StageProps } from "../views";

/** Those of `p-3`. */
const edges = () => [12, 12, 12, 12] as const;

/** The times grid of the board, in the teacher's hand. */
export function TimesStage({ view, strong }: StageProps<"times">) {
  const { frame, held, given } = useUnderHand(view, strong, edges);
  const store = useBoardStore();
  const byValue = view.marks === "value";
  const sweep = useMemo<Sweep>(() => {
    // A cover or a mark on a number applies wherever it lives, unless one cell was touched for itself; writing and
    // strokes are in one place.
    const about = (cell: Target) => {
      const { tool } = store.getState();
      return byValue && tool !== "write" && tool !== "pen" ? numberOf(cell) : cell;
    };
    return {
      begin: (cell, finger) => touchOn(store, view, about(cell), finger),
      over: () => {},
      end: (finger) => store.getState().endSweep(finger),
      canPeek: (cell) => mayPeek(store, view, cell),
    };
  }, [store, view, byValue]);
  const onSlide = useCallback((at: WindowAt) => store.getState().slideTo(view.id, at), [store, view.id]);
  const onWonder = useCallback(
    (side: "right" | "below") => store.getState().wonder(view.id, side),
    [store, view.id],
  );
  return (
    <section {...frame} className={`min-h-0 min-w-0 rounded-card bg-board p-3 ${held}`}>
      <TimesGrid {...given} sweep={sweep} onSlide={onSlide} onWonder={onWonder} onLine={useOnLine(view)} />
    </section>
  );
}
