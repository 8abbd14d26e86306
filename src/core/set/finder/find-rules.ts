import type { NumberKey } from "../../number/exact";
import { conditionBits, exceptionBits } from "../description-length";
import type { Rule } from "../rule";
import { type Agreement, agreementsWith } from "./agree";
import { countBits, placesIn } from "./bitset";
import { type Candidate, candidatesOf, distinct, offered, simplestOf } from "./candidates";
import { heldTogether, isWithin, type Joined, minus, nearPairsFor, pairsFor, triplesFor } from "./combine";
import { type Ground, groundOf, type Shading } from "./shading";

/** A rule that explains a shading, exactly or nearly. */
export type Answer = {
  readonly rule: Rule;
  /** The cost of saying it with its exceptions, in bits: see `descriptionLength`. */
  readonly bits: number;
  /** The rule holds these, and they are not shaded. */
  readonly missing: readonly NumberKey[];
  /** These are shaded, and the rule does not hold them. */
  readonly besides: readonly NumberKey[];
  /** Whether it holds the same numbers as the first answer beyond this chart too; null where one of the two is only near. */
  readonly agrees: Agreement | null;
};

/** Maximum number of answers, and of exceptions to a rule. */
const MAX_ANSWERS = 12;
const MAX_EXCEPTIONS = 3;
/** There is at most one exception for this many numbers. */
const FEWEST_TO_ONE = 5;
/** Beside a simple answer, one that costs this much more is dropped. */
const MAX_DEARER = 12;
/** How many of the simplest candidates are tried in pairs with exceptions. */
const MAX_NEAR = 160;
/** An answer above this cost helps nobody. */
const MAX_BITS = 48;

/**
 * Finds the rules that hold exactly the shaded numbers of a chart, the simplest first; and, if nothing simpler does,
 * those that nearly do, with their exceptions. Single conditions and their opposites, pairs, and triples if pairs do
 * not suffice. No answer costs more than naming the shaded numbers, or the others, one by one. Yields regularly, so
 * that a search can be cancelled: `searchRules` runs it to its end.
 */
export function* findRules(shading: Shading): Generator<void, Answer[]> {
  const ground = groundOf(shading);
  const { wanted, numbers } = ground;
  const shaded = countBits(wanted);
  if (shaded === 0) return [];
  const limit = Math.min(MAX_BITS, namedBits(numbers, placesIn(wanted)), unnamedBits(numbers, wanted));
  const allowed = Math.min(
    MAX_EXCEPTIONS,
    Math.floor(Math.min(shaded, numbers.length - shaded) / FEWEST_TO_ONE),
  );
  const conditions = offered(ground);
  const candidates = yield* candidatesOf(ground, conditions, allowed);
  const alone = (from: readonly Candidate[], max: number) =>
    from
      .filter(({ held }) => isWithin(held, wanted, max))
      .flatMap((one) => answersFrom(ground, { join: "and", of: [one], bits: one.bits }, max));
  const answers = alone(candidates, 0);
  const simple = distinct(candidates);
  const byHand = (answer: Answer) => answer.rule.conditions.some(({ kind }) => kind === "picked");
  const found = () => answers.some((answer) => !byHand(answer));
  const add = (joined: readonly Joined[], max: number) => {
    for (const one of joined) answers.push(...answersFrom(ground, one, max));
  };
  // What costs more would be dropped beside the simplest answer; where everything is shaded, thousands of pairs hold it.
  const worth = () => Math.min(limit, ...answers.map(({ bits }) => bits + MAX_DEARER));
  // Beside one rule that is right, two are not worth hearing if one of them is there for a single number.
  add(yield* pairsFor(wanted, simple, worth(), found() ? 2 : 1), 0);
  if (!found()) add(yield* triplesFor(wanted, simple, worth()), 0);
  const min = Math.min(limit, ...answers.map(({ bits }) => bits));
  if (allowed > 0) {
    const near = alone(simple, allowed).filter(({ bits }) => bits < min);
    const fewest = Math.min(...near.map(exceptionsIn));
    answers.push(...near.filter((one) => exceptionsIn(one) === fewest));
    if (!found()) {
      const simplest = yield* simplestOf(ground, conditions, MAX_NEAR, candidates);
      add(yield* nearPairsFor(wanted, simplest, limit - 5, Math.min(2, allowed)), allowed);
    }
  }
  const best = answers.sort((a, b) => a.bits - b.bits);
  const enough = best.filter(({ bits }) => bits <= best[0]!.bits + MAX_DEARER);
  return agreementsWith(enough.slice(0, MAX_ANSWERS));
}

/** The answers from joined candidates, if they have at most `max` exceptions; 0 allows none. */
function answersFrom({ wanted, numbers }: Ground, { join, of, bits }: Joined, max: number): Answer[] {
  const held = heldTogether({ join, of });
  const [missing, besides] = [minus(held, wanted), minus(wanted, held)];
  const wrong = countBits(missing) + countBits(besides);
  if (wrong > max || (max > 0 && wrong === 0)) return [];
  const [lacks, has] = [missing, besides].map((places) => placesIn(places).map((at) => numbers[at]!)) as [
    NumberKey[],
    NumberKey[],
  ];
  return [
    {
      rule: { join, conditions: of.map(({ condition }) => condition) },
      bits: bits + exceptionBits([...lacks, ...has]),
      missing: lacks,
      besides: has,
      agrees: null,
    },
  ];
}

const namedBits = (numbers: readonly NumberKey[], places: readonly number[]) =>
  conditionBits({ kind: "picked", not: false, numbers: places.map((at) => numbers[at]!) });

/** The cost of naming the unshaded numbers one by one. */
function unnamedBits(numbers: readonly NumberKey[], wanted: Uint32Array): number {
  const shaded = new Set(placesIn(wanted));
  const rest = numbers.map((_, at) => at).filter((at) => !shaded.has(at));
  return rest.length === 0 ? MAX_BITS : namedBits(numbers, rest) + 2;
}

const exceptionsIn = ({ missing, besides }: Answer) => missing.length + besides.length;

/** Runs the search to its end. */
export function searchRules(shading: Shading): Answer[] {
  const search = findRules(shading);
  for (;;) {
    const step = search.next();
    if (step.done) return step.value;
  }
}
