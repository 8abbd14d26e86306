"use client";

import { useSyncExternalStore } from "react";
import type { Scene } from "@/core/scene/scene";
import type { SceneSource } from "./scene-source";

/**
 * Part of the scene. The selector must return a primitive or a stable object, so that an equal part does not re-render.
 */
export function useScene<T>(source: SceneSource, pick: (scene: Scene) => T): T {
  const read = () => pick(source.read());
  return useSyncExternalStore(source.subscribe, read, read);
}

/** Part of the scene that may follow a frame after the cells under the fingers have been painted. */
export function useSceneLate<T>(source: SceneSource, pick: (scene: Scene) => T): T {
  const read = () => pick(source.read());
  return useSyncExternalStore(source.subscribeLate ?? source.subscribe, read, read);
}
