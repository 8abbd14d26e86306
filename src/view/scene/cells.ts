"use client";

import { useCallback, useMemo, useSyncExternalStore } from "react";
import { type CellState, cellState } from "@/core/scene/cell-state";
import { changedCells } from "@/core/scene/changed-cells";
import type { Scene } from "@/core/scene/scene";
import { numberOf, type Target } from "@/core/surface/cell-key";
import type { SceneSource } from "./scene-source";

type Watch = (target: Target, whenChanged: () => void) => () => void;

/** The cells of a view, each notified only of its own changes: at once, and a frame later. */
export type Cells = { read: () => Scene; watch: Watch; watchLate: Watch };

/** The cells of a view that shows a scene. */
export function useCells(source: SceneSource): Cells {
  return useMemo(
    () => ({
      read: source.read,
      watch: watchOf(source.read, source.subscribe),
      watchLate: watchOf(source.read, source.subscribeLate ?? source.subscribe),
    }),
    [source],
  );
}

/** The complete state of a cell; it may follow a frame after its face. */
export function useCellLate(cells: Cells, target: Target): CellState {
  const subscribe = useCallback(
    (whenChanged: () => void) => cells.watchLate(target, whenChanged),
    [cells, target],
  );
  const read = () => cellState(cells.read(), target);
  return useSyncExternalStore(subscribe, read, read);
}

/** One listener for all cells: a touch does not ask each of 1,200 whether it is the one. */
function watchOf(read: SceneSource["read"], subscribe: SceneSource["subscribe"]): Watch {
  const listeners = new Map<Target, Set<() => void>>();
  let told = read();
  let stop = () => {};
  const tell = () => {
    const now = read();
    const changed = changedCells(told, now);
    told = now;
    for (const target of [...(changed ?? listeners.keys())])
      for (const listener of [...(listeners.get(target) ?? [])]) listener();
  };
  return (target, whenChanged) => {
    if (listeners.size === 0) {
      told = read();
      stop = subscribe(tell);
    }
    // A change to a number affects all cells it lives in.
    const about = new Set([target, numberOf(target)]);
    for (const each of about) {
      const known = listeners.get(each) ?? new Set();
      listeners.set(each, known.add(whenChanged));
    }
    return () => {
      for (const each of about) {
        const known = listeners.get(each);
        known?.delete(whenChanged);
        if (known?.size === 0) listeners.delete(each);
      }
      if (listeners.size === 0) stop();
    };
  };
}
