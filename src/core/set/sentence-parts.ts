import { listWords } from "../number/list-words";
import { showNumber } from "../number/show-number";
import { CONDITION_CHOICES, choiceOf } from "./choose-condition";
import { type Condition, kindOf, type Rule } from "./rule";

/** A part of a sentence: a fixed word, or one that can be changed. */
export type SentencePart =
  | { readonly word: string }
  /** `part` is "verb", "what", "join", or a part of the condition. */
  | { readonly condition: number; readonly part: string; readonly text: string };

const VERBS = { are: ["are", "are not"], have: ["have", "do not have"] } as const;
const LABELS = new Map(
  CONDITION_CHOICES.flatMap(({ options }) => options).map(({ value, label }) => [value, label]),
);

/** A rule as the parts of a sentence, in reading order after "Numbers that". */
export function sentenceParts({ join, conditions }: Rule): SentencePart[] {
  return conditions.flatMap((one, condition) => [
    ...(condition > 0 ? [{ condition, part: "join", text: join }] : []),
    { condition, part: "verb", text: VERBS[kindOf(one).verb][one.not ? 1 : 0] },
    ...fieldParts(one, condition, true),
    { condition, part: "what", text: (LABELS.get(choiceOf(one)) ?? "").replace(/:$/, "") },
    ...fieldParts(one, condition, false),
  ]);
}

/** The chosen or typed parts of a condition; open ends are left out. */
function fieldParts(one: Condition, condition: number, before: boolean): SentencePart[] {
  const parts: Readonly<Record<string, unknown>> = one;
  const said: SentencePart[] = [];
  let word: string | null = null;
  for (const field of kindOf(one).fields) {
    if ("word" in field) {
      word = field.word;
      continue;
    }
    if (("before" in field && field.before === true) !== before) continue;
    const value = parts[field.part];
    if (value === undefined) {
      word = null;
      continue;
    }
    if (word !== null) said.push({ word });
    word = null;
    const text = Array.isArray(value)
      ? listWords(value.map((number) => showNumber(String(number))))
      : typeof value === "string" && "number" in field
        ? showNumber(value)
        : String(value);
    said.push({ condition, part: field.part, text });
  }
  return said;
}
