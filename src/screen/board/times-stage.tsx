"use client";

import { useCallback, useMemo } from "react";
import { timesOf } from "@/core/lesson/views-of";
import { numberOf, type Target } from "@/core/surface/place-key";
import type { WindowAt } from "@/core/surface/times-grid";
import type { Run } from "@/view/chart/use-run";
import { TimesGrid } from "@/view/times/times-grid";
import { usePenOver } from "../pen/use-pen-over";
import { useAsks } from "./chart-stage";
import { mayPeek, touchOn } from "./touch-on";
import { pickBoard, useBoard, useBoardStore, useSceneSource } from "./use-board";

/** The times grid of the board, in the teacher's hand. */
export function TimesStage({ strong }: { strong: boolean }) {
  const times = useBoard((state) => timesOf(pickBoard(state)));
  const store = useBoardStore();
  const source = useSceneSource("at once");
  const over = usePenOver("times");
  const asks = useAsks();
  const byValue = times?.marks === "value";
  const run = useMemo<Run>(() => {
    // A cover or a mark on a number is on it wherever it lives, but where one place was touched for itself; what is
    // written or drawn is in one place.
    const about = (place: Target) => {
      const { tool } = store.getState();
      return byValue && tool !== "write" && tool !== "pen" ? numberOf(place) : place;
    };
    return {
      begin: (place, finger) => touchOn(store, "times", about(place), finger),
      over: () => {},
      end: (finger) => store.getState().endRun(finger),
      canPeek: (place) => mayPeek(store, place),
    };
  }, [store, byValue]);
  const onSlide = useCallback((at: WindowAt) => store.getState().slideTo(at), [store]);
  const onWonder = useCallback((side: "right" | "below") => store.getState().wonder(side), [store]);
  const onLine = useCallback((places: Target[]) => store.getState().touchLine(places), [store]);
  if (!times) return null;
  return (
    <section aria-label="Times grid" className="min-h-0 min-w-0 rounded-card bg-board p-3">
      <TimesGrid
        settings={times}
        source={source}
        strong={strong}
        run={run}
        onSlide={onSlide}
        onWonder={onWonder}
        onLine={onLine}
        asks={asks}
        over={over}
      />
    </section>
  );
}
