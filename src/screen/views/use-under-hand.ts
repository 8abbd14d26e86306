"use client";

import { useCallback, useMemo } from "react";
import type { Target } from "@/core/surface/cell-key";
import type { View } from "@/core/views/view";
import { useScreenHeight } from "@/kit/use-screen-height";
import { type Edges, edgesGrown, ordinary, type Size, within } from "@/view/drawing";
import { usePenOver } from "../pen/use-pen-over";
import { useBoardStore, useHeldStyle, useSceneSource, useViewName } from "../store/use-board";
import { cardDrawn } from "./cards-drawn";
import { useAsks } from "./use-asks";

/**
 * What every view with touchable numbers needs: its frame and classes, and the props of its drawing.
 * @param edges between its card and its room, as on an ordinary screen
 * @param pace whether it is rendered before or after what is under the fingers
 */
export function useUnderHand<V extends View>(
  view: V,
  strong: boolean,
  edges: (view: V, card: Size) => Edges,
  pace: "at once" | "after paint" = "at once",
) {
  const name = useViewName(view);
  const held = useHeldStyle(view);
  const source = useSceneSource(pace, view);
  const over = usePenOver(view.id);
  const asks = useAsks(view);
  const card = cardDrawn(view.id);
  const grow = edgesGrown({ screen: useScreenHeight() });
  const firstSize = useMemo(
    () => card && within(card, edges(view, ordinary(card, grow)), grow),
    [view, card, edges, grow],
  );
  return {
    frame: { "aria-label": name, "data-view": view.id },
    held,
    given: { settings: view, source, strong, asks, over, firstSize },
  };
}

/** A whole row or column of a view is touched at its edge. */
export function useOnLine(view: View) {
  const store = useBoardStore();
  return useCallback(
    (cells: Target[]) => {
      store.getState().hold(view.id);
      store.getState().touchLine(cells);
    },
    [store, view.id],
  );
}
