import type { NumberKey } from "@/core/number/exact";
import { inksAt, isCoveredAt, type Scene } from "@/core/scene/scene";
import type { InkSet } from "@/core/set/ink";

const HUNDRED = Array.from({ length: 101 }, (_, i) => String(i));

/** The marked numbers from 0 to 100 of a scene. */
export const marked = (scene: Scene): NumberKey[] => HUNDRED.filter((number) => inksAt(scene, number) !== 0);

/** The covered numbers from 0 to 100 of a scene. */
export const covered = (scene: Scene): NumberKey[] => HUNDRED.filter((number) => isCoveredAt(scene, number));

/** What is laid, to be compared: of a rule in effect what it says and which numbers from 0 to 100 it reaches. */
const laidSeen = ({ rules, touched }: Scene["laid"]) => ({
  rules: rules.map(({ holds, ...rule }) => ({ ...rule, holds: HUNDRED.filter(holds) })),
  touched,
});

/** All there is in a scene, to compare two of them: every part as it is, but rules, since two functions are never the same. */
export const seen = (scene: Scene) => ({
  ...scene,
  laid: laidSeen(scene.laid),
  own: Object.fromEntries(
    Object.entries(scene.own).map(([view, own]) => [view, own && { ...own, laid: laidSeen(own.laid) }]),
  ),
  marks: HUNDRED.map((number): InkSet => inksAt(scene, number)),
});
