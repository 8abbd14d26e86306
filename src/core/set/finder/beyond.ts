import type { NumberKey } from "../../number/exact";
import { type Members, membersFrom } from "../members";
import type { Rule } from "../rule";
import { isAboutSquares } from "./agree";

/** How many numbers after the chart are named, and past which numbers the first one is looked for. */
const MANY = 5;
export const FAR = [1000, 1_000_000] as const;

/** What a rule does beyond a chart: its next numbers, and its first ones past a thousand and a million. */
export type Beyond = { readonly next: Members; readonly far: readonly Members[] };

/** What a rule does beyond the numbers of a chart; null where it says where they stand, or asks for marks. */
export function beyondOf(rule: Rule, numbers: readonly NumberKey[]): Beyond | null {
  if (isAboutSquares(rule)) return null;
  const last = Math.floor(Math.max(...numbers.map(Number)));
  return { next: membersFrom(rule, last + 1, MANY), far: FAR.map((past) => membersFrom(rule, past + 1, 1)) };
}
