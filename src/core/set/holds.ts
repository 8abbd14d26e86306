import { type Exact, exact, type NumberKey } from "../number/exact";
import type { InkSet } from "./ink";
import { firstOf } from "./members";
import { type Condition, kindOf, type Rule, testOf } from "./rule";

/** Whether a set holds a number. */
export type Holds = (number: NumberKey) => boolean;

/** What a rule about inks depends on: the inks that a number carries. */
export type Inked = (number: NumberKey) => InkSet;

/**
 * Maximum number of answers cached for a condition: a times grid may be slid over more numbers than there is memory
 * for.
 */
const MAX_KEPT = 5000;
const kept = new WeakMap<Condition, Holds>();

/**
 * The set that a rule describes. `inked` supplies the inks for conditions about marks; all others depend on the number
 * alone and cache their answers, so that asking again is a table lookup.
 */
export function holdsOf(rule: Rule, inked: Inked): Holds {
  return rule.first ? firstHolds(rule) : allHolds(rule, inked);
}

function allHolds(rule: Rule, inked: Inked): Holds {
  const sets = rule.conditions.map((condition) => conditionHolds(condition, inked));
  if (sets.length === 1) return sets[0]!;
  return rule.join === "and"
    ? (number) => sets.every((holds) => holds(number))
    : (number) => sets.some((holds) => holds(number));
}

const ZERO = exact(0);

/** The first numbers of a rule are found when one is asked for. */
function firstHolds(rule: Rule): Holds {
  let held: ReadonlySet<NumberKey> | null = null;
  return (number) => {
    held ??= new Set(firstOf(rule).map(String));
    return held.has(number);
  };
}

function conditionHolds(condition: Condition, inked: Inked): Holds {
  const { asks } = kindOf(condition);
  if (asks === "nothing") {
    const answer = testOf(condition)(ZERO, 0);
    return () => answer;
  }
  if (asks === "inks") {
    const meets = testOf(condition);
    return (number) => meets(ZERO, inked(number));
  }
  const known = kept.get(condition);
  if (known) return known;
  const meets = testOf(condition);
  const holds = keepingAnswers((value) => meets(value, 0));
  kept.set(condition, holds);
  return holds;
}

function keepingAnswers(holds: (value: Exact) => boolean): Holds {
  const answers = new Map<NumberKey, boolean>();
  return (number) => {
    const known = answers.get(number);
    if (known !== undefined) return known;
    const answer = holds(exact(number));
    if (answers.size >= MAX_KEPT) answers.clear();
    answers.set(number, answer);
    return answer;
  };
}
