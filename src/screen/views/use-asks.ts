"use client";

import { useMemo } from "react";
import type { View } from "@/core/views/view";
import { sceneOn } from "../store/on-show";
import { pickBoardInHand, pickScene, useBoard } from "../store/use-board";

/**
 * The cell that waits for its number: the one being written in, else the one that the view asks for. Only a view that
 * shows the numbers in hand is written in.
 */
export function useAsks(view?: View) {
  const isInHand = useBoard(
    (state) => view === undefined || pickBoardInHand(state).views.some(({ id }) => id === view.id),
  );
  const at = useBoard((state) => (isInHand ? state.hand.at : null));
  const typed = useBoard((state) => (isInHand ? state.hand.typed : ""));
  const asked = useBoard((state) => (view ? sceneOn(state, view) : pickScene(state)).asked);
  const waits = at ?? (asked?.as === "place" ? asked.number : null);
  return useMemo(() => (waits === null ? null : { number: waits, typed }), [waits, typed]);
}
