import { type Framed, IN_FRAME, secondFrom, throughTen } from "../count/ten-frame";
import { exact } from "../number/exact";
import { numberOf } from "../surface/cell-key";
import type { ViewOf } from "../views/view";
import type { Scene } from "./scene";

const NOTHING: Framed = { first: 0, second: 0, moved: 0 };

/**
 * The counters in a view's frames: those of the number in focus, or of two numbers as set or changed by hand; never
 * more than there are cells. Null if the number in focus cannot be shown there.
 */
export function framedOf(scene: Pick<Scene, "framed" | "focus">, view: ViewOf<"frames">): Framed | null {
  const room = view.frames * IN_FRAME;
  if (view.counts === "focus") {
    if (scene.focus === null) return NOTHING;
    const value = exact(numberOf(scene.focus));
    const fits = value.d === 1n && value.s >= 0n && value.compare(room) <= 0;
    return fits ? { ...NOTHING, first: Number(value.n) } : null;
  }
  const set = scene.framed[view.id] ?? { first: Number(view.first), second: Number(view.second), moved: 0 };
  const first = Math.min(set.first, room);
  const second = Math.min(set.second, room - first);
  const split = throughTen(first, second);
  const apart = secondFrom({ first, second }, view.frames) !== first;
  return { first, second, moved: split && apart ? Math.min(set.moved, split.fill) : 0 };
}
