import { withMinus } from "../number/dashes";
import { readNumber } from "../number/read-number";
import * as z from "../zod";
import { Condition, Rule } from "./rule";
import type { Squares } from "./squares";
import { ABOUT, allWays, tidied, withDigitsOnly } from "./wordings";

/** The number of letters of a sentence that is read. */
export const MAX_LETTERS = 120;

const NOT = /^(?:(?:are|is) not|not|(?:do|does) not(?: have)?|have no|has no)\s+/;
/** "Not all even" says of no number what it is. */
const OF_ALL = /^(?:all|every|each)\b/;

/** How many parts of a sentence one condition may take up. */
const MAX_JOINED = 2;

function readCondition(text: string, on: Squares | undefined): Condition | null {
  const whole = text.toLowerCase().trim();
  const said = whole.replace(ABOUT, "");
  const negated = NOT.test(said);
  const rest = said.replace(NOT, "");
  if (negated && (OF_ALL.test(rest) || (OF_ALL.test(whole) && !/^all (?:the )?numbers\b/.test(whole))))
    return null;
  const words = tidied(rest);
  for (const { pattern, make, not } of allWays()) {
    const match = pattern.exec(words);
    if (!match) continue;
    const numbers = match.slice(1).map((typed) => readNumber(typed));
    if (!numbers.every((read) => read.ok)) continue;
    const parts = make(numbers.map((read) => (read.ok ? read.text : "")));
    // Where numbers stand is read of the chart at hand.
    if ("on" in parts && !on) continue;
    const squares = "on" in parts ? { on } : {};
    const made = Condition(z).safeParse({ ...parts, ...squares, not: not !== negated });
    if (made.success) return made.data;
  }
  return null;
}

/** Two conditions without a word between them: "even numbers less than 50", "multiples of 3 that are odd". */
function readTwo(text: string, on: Squares | undefined): Condition[] | null {
  for (const { index } of text.matchAll(/ /g)) {
    const [before, after] = [readCondition(text.slice(0, index), on), readCondition(text.slice(index), on)];
    // What a "not" in front belongs to would be a guess.
    if (before && after && !before.not) return [before, after];
  }
  return null;
}

const BEGINS_ANEW = /^(?:they |numbers that )?(?:are|is|have|has|do|does|not|end|ends)\b/;
const ONE_NUMBER = /^-?\d[\d,.]*$/;
const LAST_NUMBER = /\d[\d,.]*(?=\D*$)/;

/** A part of a sentence in full: in "end in 0 or 5" the "5" is "end in 5". */
function inFull(part: string, before: string): string {
  const [number, words] = [withDigitsOnly(part), withDigitsOnly(before)];
  return ONE_NUMBER.test(number) && LAST_NUMBER.test(words) ? words.replace(LAST_NUMBER, number) : part;
}

type Before = { text: string; not: boolean };

/** The parts of a sentence as conditions; one may have the joining word in it: multiples of both 4 and 6. */
function readConditions(
  parts: readonly string[],
  join: Rule["join"],
  on: Squares | undefined,
  before?: Before,
): Condition[] | null {
  if (parts.length === 0) return [];
  // "Not even or multiples of 3": whether the "not" is about both would be a guess.
  if (before?.not && !BEGINS_ANEW.test(parts[0]!)) return null;
  for (let many = 1; many <= Math.min(parts.length, MAX_JOINED); many += 1) {
    const said = parts.slice(0, many).join(` ${join} `);
    const text = before && join === "or" ? inFull(said, before.text) : said;
    const alone = readCondition(text, on);
    const first = alone ? [alone] : join === "and" && many === 1 ? readTwo(text, on) : null;
    const others = first && readConditions(parts.slice(many), join, on, { text, not: first.at(-1)!.not });
    if (first && others) return [...first, ...others];
  }
  return null;
}

/**
 * Reads a sentence as a rule where its words are exact: "multiples of 6", "even numbers less than 50", "They are odd and
 * are not multiples of 3.", "They end in 4". Null where they are not, or where "and" and "or" are mixed.
 * @param on the squares of the chart at hand; without them no row, column or corner is read
 */
export function readRule(sentence: string, on?: Squares): Rule | null {
  const text = withMinus(sentence.trim(), "-")
    .toLowerCase()
    .replace(/[.!]+$/, "");
  if (text.length === 0 || text.length > MAX_LETTERS) return null;
  // A sentence of one condition may have an "and" of its own: multiples of both 4 and 6.
  for (const join of ["and", "or"] as const) {
    const parts = text.split(new RegExp(`,? (?:${join}|${join === "and" ? "but" : join}) (?:also )?`));
    const conditions = readConditions(parts, join, on);
    if (!conditions) continue;
    const rule = Rule(z).safeParse({ join: conditions.length > 1 ? join : "and", conditions });
    if (rule.success) return rule.data;
  }
  return null;
}
