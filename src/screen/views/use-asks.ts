"use client";

import { useMemo } from "react";
import type { View } from "@/core/views/view";
import { pickBoardInHand, pickScene, useBoard } from "../store/use-board";

/**
 * The cell that waits for its number: the one being written in, else the one asked for. A view that shows other numbers
 * than the one in hand has none.
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
