"use client";

import { useCallback, useMemo } from "react";
import { numberOf, type Target } from "@/core/surface/place-key";
import type { WindowAt } from "@/core/surface/times-grid";
import type { Run } from "@/view/chart/use-run";
import { TimesGrid } from "@/view/times/times-grid";
import { usePenOver } from "../pen/use-pen-over";
import { useAsks } from "./chart-stage";
import type { StageProps } from "./stages";
import { mayPeek, touchOn } from "./touch-on";
import { useBoardStore, useHeldLook, useSceneSource, useViewName } from "./use-board";

/** The times grid of the board, in the teacher's hand. */
export function TimesStage({ view, strong }: StageProps<"times">) {
  const name = useViewName(view);
  const held = useHeldLook(view);
  const store = useBoardStore();
  const source = useSceneSource("at once", view);
  const over = usePenOver(view.id);
  const asks = useAsks(view);
  const byValue = view.marks === "value";
  const run = useMemo<Run>(() => {
    // A cover or a mark on a number is on it wherever it lives, but where one place was touched for itself; what is
    // written or drawn is in one place.
    const about = (place: Target) => {
      const { tool } = store.getState();
      return byValue && tool !== "write" && tool !== "pen" ? numberOf(place) : place;
    };
    return {
      begin: (place, finger) => touchOn(store, view, about(place), finger),
      over: () => {},
      end: (finger) => store.getState().endRun(finger),
      canPeek: (place) => mayPeek(store, view, place),
    };
  }, [store, view, byValue]);
  const onSlide = useCallback((at: WindowAt) => store.getState().slideTo(view.id, at), [store, view.id]);
  const onWonder = useCallback(
    (side: "right" | "below") => store.getState().wonder(view.id, side),
    [store, view.id],
  );
  const onLine = useCallback(
    (places: Target[]) => {
      store.getState().hold(view.id);
      store.getState().touchLine(places);
    },
    [store, view.id],
  );
  return (
    <section
      aria-label={name}
      data-view={view.id}
      className={`min-h-0 min-w-0 rounded-card bg-board p-3 ${held}`}
    >
      <TimesGrid
        settings={view}
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
