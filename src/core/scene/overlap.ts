import type { NumberKey } from "../number/exact";
import { listWords } from "../number/list-words";
import { INKS, type Ink, inksOf } from "../set/ink";
import { listNumbers } from "../set/rule-words";
import { inksAt, type Scene } from "./scene";

/** Numbers that carry the same two or more inks. */
export type Overlap = { inks: Ink[]; numbers: NumberKey[] };

/** The numbers among these that carry several inks, gathered by which inks they carry, most inks last. */
export function overlapsOf(scene: Scene, numbers: readonly NumberKey[]): Overlap[] {
  const byInks = new Map<number, NumberKey[]>();
  for (const number of numbers) {
    const set = inksAt(scene, number);
    if (inksOf(set).length < 2) continue;
    const known = byInks.get(set);
    if (known) known.push(number);
    else byInks.set(set, [number]);
  }
  return [...byInks]
    .map(([set, held]) => ({ inks: inksOf(set), numbers: held }))
    .sort((a, b) => a.inks.length - b.inks.length || order(a) - order(b));
}

const order = ({ inks }: Overlap) => inks.reduce((sum, ink) => sum * INKS.length + INKS.indexOf(ink), 0);

/** How an overlap is said: "24, 54, 84 and 114 have both marks, sun and sea." */
export function overlapWords({ inks, numbers }: Overlap): string {
  const one = numbers.length === 1;
  const have = one ? "has" : "have";
  return `${listNumbers(numbers)} ${have} ${inks.length === 2 ? "both" : `${inks.length}`} marks, ${listWords(inks)}.`;
}
