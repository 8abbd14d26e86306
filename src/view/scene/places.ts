"use client";

import { useCallback, useMemo, useSyncExternalStore } from "react";
import { changedPlaces } from "@/core/scene/changed-places";
import { type PlaceState, placeState } from "@/core/scene/place-state";
import type { Scene } from "@/core/scene/scene";
import { numberOf, type Target } from "@/core/surface/place-key";
import type { SceneSource } from "./scene-source";

type Watch = (target: Target, whenChanged: () => void) => () => void;

/** The places of a view, each told only of what changes on itself: at once, and a frame later. */
export type Places = { read: () => Scene; watch: Watch; watchLate: Watch };

/** The places of a view that shows a scene. */
export function usePlaces(source: SceneSource): Places {
  return useMemo(
    () => ({
      read: source.read,
      watch: watchOf(source.read, source.subscribe),
      watchLate: watchOf(source.read, source.subscribeLate ?? source.subscribe),
    }),
    [source],
  );
}

/** All that is said of a place; it may follow a frame after its face. */
export function usePlaceLate(places: Places, target: Target): PlaceState {
  const subscribe = useCallback(
    (whenChanged: () => void) => places.watchLate(target, whenChanged),
    [places, target],
  );
  const read = () => placeState(places.read(), target);
  return useSyncExternalStore(subscribe, read, read);
}

/** One listener for all places: a touch does not ask each of 1,200 whether it is the one. */
function watchOf(read: SceneSource["read"], subscribe: SceneSource["subscribe"]): Watch {
  const listeners = new Map<Target, Set<() => void>>();
  let told = read();
  let stop = () => {};
  const tell = () => {
    const now = read();
    const changed = changedPlaces(told, now);
    told = now;
    for (const target of [...(changed ?? listeners.keys())])
      for (const listener of [...(listeners.get(target) ?? [])]) listener();
  };
  return (target, whenChanged) => {
    if (listeners.size === 0) {
      told = read();
      stop = subscribe(tell);
    }
    // What is said of a number holds for the places it lives in.
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
