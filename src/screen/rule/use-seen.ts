"use client";

import { useCallback } from "react";
import { isCoveredAt } from "@/core/scene/scene";
import type { Target } from "@/core/surface/cell-key";
import { pickScene, useBoard } from "../store/use-board";

/**
 * The numbers among these that may be named: all of them while preparing; in class only those that the class sees,
 * since everybody sees the one screen.
 */
export function useSeen(): <T extends Target>(numbers: readonly T[]) => readonly T[] {
  const scene = useBoard(pickScene);
  const preparing = useBoard((state) => state.preparing);
  return useCallback(
    <T extends Target>(numbers: readonly T[]) =>
      preparing ? numbers : numbers.filter((number) => !isCoveredAt(scene, number)),
    [scene, preparing],
  );
}
