import { numberWords } from "../number/number-words";
import { showNumber } from "../number/show-number";
import * as z from "../zod";
import { ALSO_SAID, type AlsoSaid } from "./also-said";
import { CONDITIONS } from "./conditions";
import { type AnyConditionKind, Condition, kindOf } from "./rule";
import { HUNDRED_SQUARES } from "./squares";

/** A wording of a kind of condition, with a slot for each of its numbers. */
export type Way = {
  readonly pattern: RegExp;
  readonly make: (numbers: readonly string[]) => object;
  readonly not: boolean;
};

/** Placeholder numbers used while the wordings are derived; none is part of another. */
const STANDING_IN = ["427", "613"] as const;
const NUMBER = "(-?[\\d][\\d.,/ ]*?)";

let ways: readonly Way[] | undefined;

/**
 * All wordings: each choice is put into words with placeholder numbers, and wherever these turn up in its wording any
 * number may stand; then those that are read but never written.
 */
export function allWays(): readonly Way[] {
  if (ways) return ways;
  const kinds = CONDITIONS as unknown as readonly AnyConditionKind[];
  ways = [...kinds.flatMap(ownWays), ...ALSO_SAID.flatMap(otherWays)];
  return ways;
}

function ownWays(kind: AnyConditionKind): Way[] {
  return startsOf(kind).flatMap((start) => {
    const condition = { kind: kind.kind, not: false, ...start } as Condition;
    if (!Condition(z).safeParse(condition).success) return [];
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
    return said.flatMap(([words, not]) => wayOf(words, parts, make, not) ?? []);
  });
}

const SLOT = /\{(\w+)\}/g;

function otherWays({ kind, words, not = false, is, from }: AlsoSaid): Way[] {
  const [choice] = kindOf({ kind } as Condition).choices;
  const start: Readonly<Record<string, unknown>> = { ...choice!.start({}, HUNDRED_SQUARES), ...is };
  const typed = (part: string, text: string) => (typeof start[part] === "number" ? Number(text) : text);
  return words.map((said) => {
    const parts = [...said.matchAll(SLOT)].map(([, part]) => part!);
    return {
      pattern: new RegExp(
        `^${tidied(said.replace(SLOT, STANDING_IN[0])).replaceAll(STANDING_IN[0], NUMBER)}$`,
      ),
      make: (numbers) => {
        const given = Object.fromEntries(parts.map((part, i) => [part, numbers[i]!]));
        if (from) return { kind, ...start, ...from(given) };
        return {
          kind,
          ...start,
          ...Object.fromEntries(parts.map((part) => [part, typed(part, given[part]!)])),
        };
      },
      not,
    };
  });
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
 * The starting values of each choice of a kind, with placeholders for its numbers; each of what is chosen from a list; and
 * the cases with a wording of their own.
 */
function startsOf(kind: AnyConditionKind): object[] {
  if (kind.asks === "inks") return [];
  const begun = kind.choices.flatMap(({ start }) => {
    const one: Record<string, unknown> = { ...start({}, HUNDRED_SQUARES) };
    const numbers = kind.fields.filter((field) => "number" in field && field.number === "required");
    for (const [i, field] of numbers.entries()) if ("part" in field) one[field.part] = STANDING_IN[i];
    const [choice] = kind.fields.filter((field) => "oneOf" in field);
    return choice ? choice.oneOf.map((option) => ({ ...one, [choice.part]: option })) : [one];
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

/** The numbers to a hundred by their words. */
const IN_WORDS: ReadonlyMap<string, string> = new Map(
  Array.from({ length: 101 }, (_, n) => [numberWords(String(n), "british"), String(n)]),
);
/** The longest first: "twenty-one" before "twenty". */
const A_WORD = new RegExp(
  `\\b(${[...IN_WORDS.keys()].sort((a, b) => b.length - a.length).join("|")})(e?s)?\\b`,
  "g",
);

/** "Counting in fives from twenty-one" as "counting in 5s from 21". */
export function withDigitsOnly(text: string): string {
  return text.replace(A_WORD, (_, word: string, s?: string) => IN_WORDS.get(word)! + (s ? "s" : ""));
}

const SUBJECT = "all|the|their|they|these|those|numbers?|that|which|whose|every|each|a";
const A_DIGIT = /\b(have|has|with|without) an? (\d)$/;
const LEADING = new RegExp(`^(?:(?:${SUBJECT}|are|is|have|has|with|reached) )+`);
/** What a condition is said of: "all", "they", "numbers that". */
export const ABOUT = new RegExp(`^(?:(?:${SUBJECT}) )+`);

/** Normalises words for comparison: lower case, single spaces, no full stop, numbers in digits, and without optional words. */
export const tidied = (text: string): string =>
  withDigitsOnly(
    text
      .toLowerCase()
      .replace(/[,.!]+$/, "")
      .replace(/\s+/g, " ")
      .trim(),
  )
    .replace(A_DIGIT, "$1 a digit $2")
    .replace(LEADING, "")
    .replace(/ numbers?$/, "");
