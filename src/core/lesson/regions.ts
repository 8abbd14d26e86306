import type { NumberKey } from "../number/exact";
import { inksAt, isCoveredAt, type Scene } from "../scene/scene";
import { hasInk, INKS, type Ink, inkBit, inksOf } from "../set/ink";
import type { Board } from "./board";
import { isMarkSeen } from "./shading-of";
import { boardNumbers } from "./views-of";

/** Maximum number of sets that can be drawn as rings overlapping in every way. */
export const MAX_SETS = 3;

/** The marked numbers of a board by the sets that they are in: an ink is a set. */
export type Regions = {
  readonly inks: readonly Ink[];
  /** Inks in use for which there is no ring. */
  readonly more: readonly Ink[];
  /** The sets that its numbers are in, as bits; 0 for those in none. Covered numbers are only counted. */
  readonly regions: ReadonlyMap<number, { readonly numbers: readonly NumberKey[]; readonly covered: number }>;
  /** How many numbers are under covers that hide their marks too, so that their set is unknown. */
  readonly hidden: number;
};

/**
 * Sorts the numbers of a board into regions: in both sets, in one only, in neither; for three sets every combination.
 */
export function regionsOf(board: Board, scene: Scene): Regions {
  const all = boardNumbers(board, scene);
  const numbers = all.filter(isMarkSeen(board, scene));
  const used = INKS.filter((ink) => numbers.some((number) => hasInk(inksAt(scene, number), ink)));
  const inks = used.slice(0, MAX_SETS);
  const drawn = inks.reduce((set, ink) => set | inkBit(ink), 0);
  const regions = new Map<number, { numbers: NumberKey[]; covered: number }>();
  for (const number of numbers) {
    const set = inksAt(scene, number) & drawn;
    const region = regions.get(set) ?? { numbers: [], covered: 0 };
    if (isCoveredAt(scene, number)) region.covered += 1;
    else region.numbers.push(number);
    regions.set(set, region);
  }
  return { inks, more: used.slice(MAX_SETS), regions, hidden: all.length - numbers.length };
}

/** A region in words: "In sun and sea", "In sun only", "In none of them". */
export function regionName(set: number, inks: readonly Ink[]): string {
  const held = inksOf(set);
  if (held.length === 0) return inks.length === 2 ? "In neither" : "In none of them";
  if (held.length === inks.length && inks.length > 1) return inks.length === 2 ? "In both" : "In all three";
  return held.length === 1 && inks.length > 1 ? `In ${held[0]} only` : `In ${held.join(" and ")}`;
}
