import { ALL } from "../set/rule";
import type { ViewSettings } from "../views/view";
import type { ViewId } from "../views/view-id";
import { fold } from "./fold";
import type { Scene } from "./scene";
import { PART_NAMES } from "./slices/parts";

/** A view with nothing covered by its settings. */
export const opened = <V extends ViewSettings>(view: V): V =>
  Object.fromEntries(
    Object.entries(view).map(([name, is]) => [name, is === "covered" ? "shown" : is]),
  ) as unknown as V;

/** A scene in which nothing of a view is covered or asked for. */
export function revealed(scene: Scene, view: ViewId): Scene {
  const lifted = fold(scene, [{ do: "lift", numbers: ALL }]);
  const { trail, aside, parts, grouped, farCovered } = lifted;
  const groups = grouped[view];
  return {
    ...lifted,
    hushed: false,
    asked: null,
    parts: { ...parts, [view]: Object.fromEntries(PART_NAMES.map((part) => [part, false])) },
    trail: trail && { ...trail, covers: [] },
    aside: aside && { ...aside, trail: { ...aside.trail, covers: [] } },
    // A group that was turned over is out of sight, where the others are seen.
    grouped: groups ? { ...grouped, [view]: { ...groups, turned: [] } } : grouped,
    farCovered: farCovered.filter((one) => one !== view),
  };
}
