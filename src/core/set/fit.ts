import type { NumberKey } from "../number/exact";
import { holdsOf } from "./holds";
import type { Rule } from "./rule";

/** How a sentence compares with a shading: the numbers that both have, and those that only one of them has. */
export type Fit = {
  readonly fits: readonly NumberKey[];
  /** Shaded, and not by the sentence. */
  readonly missing: readonly NumberKey[];
  /** Shaded by the sentence alone. */
  readonly tooMany: readonly NumberKey[];
};

/** How a rule fits the shaded ones among some numbers. A rule about marks holds none of them. */
export function fitOf(rule: Rule, numbers: readonly NumberKey[], shaded: ReadonlySet<NumberKey>): Fit {
  const holds = holdsOf(rule, () => 0);
  return {
    fits: numbers.filter((number) => shaded.has(number) && holds(number)),
    missing: numbers.filter((number) => shaded.has(number) && !holds(number)),
    tooMany: numbers.filter((number) => !shaded.has(number) && holds(number)),
  };
}
