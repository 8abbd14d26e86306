import { EMPTY_SCENE, type Scene } from "@/core/scene/scene";

/** Where a view reads its scene: at rest, or from a board that goes on. */
export type SceneSource = {
  read: () => Scene;
  subscribe: (whenChanged: () => void) => () => void;
  /** For what only reports of a change: told one frame later, where the source tells it apart. */
  subscribeLate?: (whenChanged: () => void) => () => void;
};

/** A source that never changes. */
export function still(scene: Scene = EMPTY_SCENE): SceneSource {
  return { read: () => scene, subscribe: () => () => {} };
}
