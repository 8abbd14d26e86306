import type { NumberKey } from "../number/exact";
import type { Ink } from "../set/ink";
import { isCellKey } from "../surface/cell-key";
import type { Act } from "./move";

/** The numbers marked in an ink by hand, in the order in which they were marked, without those unmarked since. */
export function marksByHand(acts: readonly Act[], ink: Ink): NumberKey[] {
  const marked = new Set<NumberKey>();
  for (const move of acts.flat(2)) {
    if (move.do === "clear-marks" && (move.ink === null || move.ink === ink)) marked.clear();
    if ((move.do !== "mark" && move.do !== "unmark") || move.ink !== ink || !Array.isArray(move.numbers))
      continue;
    for (const number of move.numbers) {
      marked.delete(number);
      if (move.do === "mark" && !isCellKey(number)) marked.add(number);
    }
  }
  return [...marked];
}
