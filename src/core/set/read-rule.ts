import { withMinus } from "../number/dashes";
import { readNumber } from "../number/read-number";
import { showNumber } from "../number/show-number";
import * as z from "../zod";
import { CONDITIONS } from "./conditions";
import { type AnyConditionKind, Condition, Rule } from "./rule";
import { HUNDRED_SQUARES } from "./squares";

/** A wording of a kind of condition, with a slot for each of its numbers. */
type Way = {
  readonly pattern: RegExp;
  readonly make: (numbers: readonly string[]) => object;
  readonly not: boolean;
};

/** Placeholder numbers used while the wordings are derived; none is part of another. */
const STANDING_IN = ["427", "613"] as const;
const NUMBER = "(-?[\\d][\\d.,/ ]*?)";

let ways: readonly Way[] | undefined;

/**
 * All wordings, derived from the conditions themselves: each choice is put into words with placeholder numbers, and
 * wherever these turn up in its wording any number may stand.
 */
function allWays(): readonly Way[] {
  if (ways) return ways;
  const kinds = CONDITIONS as unknown as readonly AnyConditionKind[];
  const found: Way[] = [];
  for (const kind of kinds) {
    for (const start of startsOf(kind)) {
      const condition = { kind: kind.kind, not: false, ...start } as Condition;
      if (!Condition(z).safeParse(condition).success) continue;
      const parts = partsOf(kind, start);
      const make = (numbers: readonly string[]) => ({
        kind: kind.kind,
        ...start,
        ...Object.fromEntries(parts.map(({ part }, i) => [part, numbers[i]])),
      });
      const said = [
        [kind.noun(condition), false],
        [kind.predicate(condition), false],
        ...(kind.nounNot ? [[kind.nounNot(condition), true] as const] : []),
      ] as const;
      for (const [words, not] of said) {
        const way = wayOf(words, parts, make, not);
        if (way) found.push(way);
      }
    }
  }
  ways = found;
  return found;
}

type Standing = { readonly part: string; readonly text: string };

/** The numeric parts of a condition, each with its placeholder. */
const partsOf = (kind: AnyConditionKind, start: object): Standing[] =>
  kind.fields.flatMap((field) => {
    if (!("number" in field)) return [];
    const text = (start as Record<string, unknown>)[field.part];
    return typeof text === "string" && STANDING_IN.includes(text as never)
      ? [{ part: field.part, text }]
      : [];
  });

/**
 * The starting values of each choice of a kind, with placeholders for its numbers; for a digit, each of the ten; and
 * the cases with a wording of their own.
 */
function startsOf(kind: AnyConditionKind): object[] {
  if (kind.asks === "inks" || kind.family === "squares") return [];
  const begun = kind.choices.flatMap(({ start }) => {
    const one: Record<string, unknown> = { ...start({}, HUNDRED_SQUARES) };
    const numbers = kind.fields.filter((field) => "number" in field && field.number === "required");
    for (const [i, field] of numbers.entries()) if ("part" in field) one[field.part] = STANDING_IN[i];
    if (typeof one.digit === "number")
      return [0, 1, 2, 3, 4, 5, 6, 7, 8, 9].map((digit) => ({ ...one, digit }));
    return [one];
  });
  return [...begun, ...(kind.ownWords ?? [])];
}

function wayOf(words: string, parts: readonly Standing[], make: Way["make"], not: boolean): Way | null {
  let text = tidied(words).replace(/[.*+?^${}()|[\]\\]/g, "\\$&");
  const order: number[] = [];
  const places = parts.map(({ text: number }) => text.indexOf(showNumber(number)));
  if (places.some((place) => place < 0)) return null;
  for (const i of parts.map((_, at) => at).sort((a, b) => places[a]! - places[b]!)) order.push(i);
  for (const { text: number } of parts) text = text.replace(showNumber(number), NUMBER);
  // Counting in 6s, or in 6.
  text = text.replaceAll(`${NUMBER}s`, `${NUMBER}s?`);
  return {
    pattern: new RegExp(`^${text}$`),
    make: (numbers) => {
      const own = parts.map((_, i) => numbers[order.indexOf(i)]!);
      return make(own);
    },
    not,
  };
}

/** Normalises words for comparison: lower case, single spaces, no full stop, and without optional words. */
const tidied = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[.!]+$/, "")
    .replace(/\s+/g, " ")
    .trim()
    .replace(/^(all |the |their |they are |they have |they |these are )+/, "")
    .replace(/^numbers (that|which|whose) /, "")
    .replace(/^(are|have|is|has) /, "")
    .replace(/^(numbers )?reached /, "");

const NOT = /^(?:(?:are|is) not|not|(?:do|does) not have|have no|has no)\s+/;

function readCondition(text: string): Condition | null {
  const whole = text
    .toLowerCase()
    .replace(/^numbers (that|which) /, "")
    .replace(/^they /, "");
  const negated = NOT.test(whole);
  const words = tidied(whole.replace(NOT, ""));
  for (const { pattern, make, not } of allWays()) {
    const match = pattern.exec(words);
    if (!match) continue;
    const numbers = match.slice(1).map((typed) => readNumber(typed));
    if (!numbers.every((read) => read.ok)) continue;
    const texts = numbers.map((read) => (read.ok ? read.text : ""));
    const made = Condition(z).safeParse({ ...make(texts), not: not !== negated });
    if (made.success) return made.data;
  }
  return null;
}

/**
 * Reads a sentence as a rule where its words are exact: "multiples of 6", "even numbers", "They are odd and are not multiples
 * of 3.", "numbers less than 5 or more than 95". Null where they are not, or where "and" and "or" are mixed.
 */
export function readRule(sentence: string): Rule | null {
  const text = withMinus(sentence.trim(), "-");
  if (text.length === 0 || text.length > 120) return null;
  // A sentence of one condition may have an "and" of its own: multiples of both 4 and 6.
  const alone = readCondition(text);
  if (alone) return { join: "and", conditions: [alone] };
  for (const join of ["and", "or"] as const) {
    const parts = text.split(new RegExp(`,? (?:${join}|${join === "and" ? "but" : join}) (?:also )?`, "i"));
    const conditions = parts.map(readCondition);
    if (parts.length < 2 || conditions.includes(null)) continue;
    const rule = Rule(z).safeParse({ join, conditions });
    if (rule.success) return rule.data;
  }
  return null;
}
