import { hasInk, type InkSet, inksOf } from "../lesson/ink";
import { digitAt } from "../number/digits";
import { type Exact, exact, isMultiple, isWhole, type NumberKey } from "../number/exact";
import type { Condition, Rule } from "./rule";

/** Whether a set holds a number. */
export type Holds = (number: NumberKey) => boolean;

/** What a rule about inks looks at: the inks that a number carries. */
export type Inked = (number: NumberKey) => InkSet;

/** Most answers that one condition keeps: a times grid may be slid over more numbers than any memory has room for. */
const MOST_KEPT = 5000;
const kept = new WeakMap<Condition, Holds>();

/**
 * The set that a rule describes. `inked` says what the conditions about inks see; all others depend on the number
 * alone, and keep their answers, so that asking again costs a look into a table.
 */
export function holdsOf(rule: Rule, inked: Inked): Holds {
  const sets = rule.conditions.map((condition) => conditionHolds(condition, inked));
  if (sets.length === 1) return sets[0]!;
  return rule.join === "and"
    ? (number) => sets.every((holds) => holds(number))
    : (number) => sets.some((holds) => holds(number));
}

function conditionHolds(condition: Condition, inked: Inked): Holds {
  const { not } = condition;
  switch (condition.kind) {
    case "ink":
      return (number) => hasInk(inked(number), condition.ink) !== not;
    case "marked":
      return (number) => inksOf(inked(number)).length > 0 !== not;
    case "all":
      return () => !not;
    default: {
      const known = kept.get(condition);
      if (known) return known;
      const holds = keepingAnswers(plain(condition), not);
      kept.set(condition, holds);
      return holds;
    }
  }
}

function keepingAnswers(holds: (value: Exact) => boolean, not: boolean): Holds {
  const answers = new Map<NumberKey, boolean>();
  return (number) => {
    const known = answers.get(number);
    if (known !== undefined) return known;
    const answer = holds(exact(number)) !== not;
    if (answers.size >= MOST_KEPT) answers.clear();
    answers.set(number, answer);
    return answer;
  };
}

type Plain = Exclude<Condition, { kind: "ink" | "marked" | "all" }>;

function plain(condition: Plain): (value: Exact) => boolean {
  switch (condition.kind) {
    case "multiples": {
      const [of, within] = [exact(condition.of), range(condition.from, condition.to)];
      return (value) => within(value) && isMultiple(value, of);
    }
    case "counting": {
      const [by, from] = [exact(condition.by), exact(condition.from)];
      const within = range(condition.from, condition.to);
      return (value) => within(value) && isMultiple(value.sub(from), by);
    }
    case "odd":
      return (value) => isWhole(value) && value.n % 2n === 1n;
    case "even":
      return (value) => isWhole(value) && value.n % 2n === 0n;
    case "square":
      return (value) => isWhole(value) && isSquare(value.s * value.n);
    case "digit":
      return (value) => digitAt(value, condition.place) === condition.digit;
    case "between":
      return range(condition.from, condition.to);
    case "less": {
      const than = exact(condition.than);
      return (value) => value.compare(than) < 0;
    }
    case "more": {
      const than = exact(condition.than);
      return (value) => value.compare(than) > 0;
    }
    default:
      return condition satisfies never;
  }
}

/** Whether a whole number is the square of one: 0, 1, 4, 9, … Exact, however large it is. */
function isSquare(value: bigint): boolean {
  if (value < 0n) return false;
  let root = BigInt(Math.floor(Math.sqrt(Number(value))));
  while (root * root > value) root -= 1n;
  while ((root + 1n) * (root + 1n) <= value) root += 1n;
  return root * root === value;
}

/** From one number to another, both included; an end that is not given is open. */
function range(from: string | undefined, to: string | undefined): (value: Exact) => boolean {
  const [least, most] = [from === undefined ? null : exact(from), to === undefined ? null : exact(to)];
  return (value) => (!least || value.compare(least) >= 0) && (!most || value.compare(most) <= 0);
}
