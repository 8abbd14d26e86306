import type { InkSet } from "@/core/lesson/ink";
import { inksAt, isCoveredAt, type Scene } from "@/core/lesson/scene";
import type { NumberKey } from "@/core/number/exact";

const HUNDRED = Array.from({ length: 101 }, (_, i) => String(i));

/** The marked numbers from 0 to 100 of a scene. */
export const marked = (scene: Scene): NumberKey[] => HUNDRED.filter((number) => inksAt(scene, number) !== 0);

/** The covered numbers from 0 to 100 of a scene. */
export const covered = (scene: Scene): NumberKey[] => HUNDRED.filter((number) => isCoveredAt(scene, number));

/** All that can be seen of a scene from 0 to 100, to compare two of them. */
export const seen = (scene: Scene) => ({
  marks: HUNDRED.map((number): InkSet => inksAt(scene, number)),
  covers: covered(scene),
  written: [...scene.written].sort(),
  focus: scene.focus,
  trail: scene.trail,
  guides: scene.guides,
  draws: scene.draws,
  window: scene.window,
  wonder: scene.wonder,
  tiles: scene.tiles,
  hushed: scene.hushed,
  asked: scene.asked,
  checked: scene.checked,
  settings: scene.settings,
  farCovered: scene.farCovered,
});
