import type { NumberKey } from "@/core/number/exact";
import { inksAt, isCoveredAt, type Scene } from "@/core/scene/scene";
import type { InkSet } from "@/core/set/ink";

const HUNDRED = Array.from({ length: 101 }, (_, i) => String(i));

/** The marked numbers from 0 to 100 of a scene. */
export const marked = (scene: Scene): NumberKey[] => HUNDRED.filter((number) => inksAt(scene, number) !== 0);

/** The covered numbers from 0 to 100 of a scene. */
export const covered = (scene: Scene): NumberKey[] => HUNDRED.filter((number) => isCoveredAt(scene, number));

/**
 * All there is in a scene, to compare two of them: every part as it is, but that of a rule in effect there is what it
 * says and which numbers from 0 to 100 it reaches, since two functions are never the same.
 */
export const seen = ({ laid, ...parts }: Scene) => ({
  ...parts,
  rules: laid.rules.map(({ holds, ...rule }) => ({ ...rule, holds: HUNDRED.filter(holds) })),
  touched: laid.touched,
  marks: HUNDRED.map((number): InkSet => inksAt({ laid, ...parts }, number)),
});
