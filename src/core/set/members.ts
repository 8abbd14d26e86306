import { kindOf, type Rule, wholeTestOf } from "./rule";

/** No number on a board is larger. */
const LAST = 999_999_999_999_999;
/** Maximum number of candidates tried for one answer, so that a rule without further members ends the search. */
const MAX_TRIED = 100_000;

/** The numbers found, and, if the search ended before there were enough, how far it came. */
export type Members = { readonly found: readonly number[]; readonly searchedTo: number | null };

/**
 * The next whole numbers of a rule, from a given one on. A rule that can compute its next member finds it at once,
 * however far away; for the others every number is tried in turn.
 * @param rule one that does not depend on marks
 */
export function membersFrom(rule: Rule, from: number, many: number): Members {
  if (rule.first) {
    const found = firstOf(rule).filter((number) => number >= from);
    return { found: found.slice(0, many), searchedTo: found.length < many ? LAST : null };
  }
  const nexts = rule.conditions.map((condition) => {
    const { next } = kindOf(condition);
    return next && !condition.not ? next(condition) : null;
  });
  const meets = rule.conditions.map(wholeTestOf);
  const holds =
    rule.join === "and"
      ? (number: number) => meets.every((meet) => meet(number))
      : (number: number) => meets.some((meet) => meet(number));
  const known = nexts.filter((next) => next !== null);
  // In an "or", one condition that cannot compute its next member means that every number is tried.
  const leaps = rule.join === "and" ? known.length > 0 : known.length === nexts.length;
  const pick = rule.join === "and" ? Math.max : Math.min;
  const leap = (at: number): number | null => {
    if (!leaps) return at;
    const ahead = known.map((next) => next(at));
    if (rule.join === "and") return ahead.includes(null) ? null : pick(...(ahead as number[]));
    const there = ahead.filter((one) => one !== null);
    return there.length === 0 ? null : pick(...there);
  };
  const found: number[] = [];
  let at = from;
  for (let tried = 0; tried < MAX_TRIED; tried += 1) {
    const to = leap(at);
    if (to === null || to > LAST) return { found, searchedTo: LAST };
    at = to;
    if (holds(at)) {
      found.push(at);
      if (found.length === many) return { found, searchedTo: null };
    }
    at += 1;
  }
  return { found, searchedTo: at - 1 };
}

/** The numbers of a rule that is cut short after its first ones. */
export function firstOf({ first, ...rule }: Rule): readonly number[] {
  return first ? membersFrom(rule, Number(first.from), first.many).found : [];
}
