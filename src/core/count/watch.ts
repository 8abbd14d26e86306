import type { NumberKey } from "../number/exact";
import { type Expected, recogniseCount } from "./recognise-count";

/** A slip that the teacher may have overlooked in a count marked by hand. */
export type Slip = { kind: "missed" | "stray"; numbers: NumberKey[] };

/** The slip in numbers marked by hand, where there is one. */
export function watchMarks(marks: readonly NumberKey[], expected?: Expected): Slip | null {
  const count = recogniseCount(marks, expected);
  if (!count) return null;
  if (count.strays.length > 0) return { kind: "stray", numbers: count.strays };
  return count.missed.length > 0 ? { kind: "missed", numbers: count.missed } : null;
}

/** How a slip is told: "18 was missed", "19 and 25 do not belong". */
export function slipWords({ kind, numbers }: Slip, list: (numbers: readonly NumberKey[]) => string): string {
  const one = numbers.length === 1;
  if (kind === "missed") return `${list(numbers)} ${one ? "was" : "were"} missed`;
  return `${list(numbers)} ${one ? "does" : "do"} not belong`;
}
