import { EMPTY_SCENE, type Scene } from "@/core/scene/scene";

/** Where a view reads its scene from: a fixed one, or that of a live board. */
export type SceneSource = {
  read: () => Scene;
  subscribe: (whenChanged: () => void) => () => void;
  /** For what only reports about a change: notified one frame later, if the source makes the distinction. */
  subscribeLate?: (whenChanged: () => void) => () => void;
};

/** A source that never changes. */
export function still(scene: Scene = EMPTY_SCENE): SceneSource {
  return { read: () => scene, subscribe: () => () => {} };
}
