import type { NumberKey } from "../../number/exact";
import { type Members, membersFrom } from "../members";
import type { Rule } from "../rule";
import { isAboutSquares } from "./agree";

/** How many numbers after the chart are named, and beyond which bounds the first one is searched for. */
const MANY = 5;
export const FAR = [1000, 1_000_000] as const;

/** The members of a rule beyond a chart: the next ones, and the first above a thousand and a million. */
export type Beyond = { readonly next: Members; readonly far: readonly Members[] };

/** The members of a rule beyond the numbers of a chart; null if it refers to positions or to marks. */
export function beyondOf(rule: Rule, numbers: readonly NumberKey[]): Beyond | null {
  if (isAboutSquares(rule)) return null;
  const last = Math.floor(Math.max(...numbers.map(Number)));
  return { next: membersFrom(rule, last + 1, MANY), far: FAR.map((past) => membersFrom(rule, past + 1, 1)) };
}
