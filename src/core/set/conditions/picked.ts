import { keyOf, keyOfText } from "../../number/exact";
import { eitherWords, listWords } from "../../number/list-words";
import { NumberText } from "../../number/number-schema";
import { showNumber } from "../../number/show-number";
import type { Z } from "../../schema";
import { condition } from "./condition";

/** Maximum number of hand-picked numbers. */
export const MAX_PICKED = 200;
/** The starting value, until others are named. */
export const PICKED_AT_FIRST: readonly string[] = ["3", "7", "12"];
/** Maximum number of hand-picked numbers as a candidate, for a shading that no other rule fits. */
const MAX_OFFERED = 8;

/** Maximum number named in a sentence. */
const MAX_NAMED = 20;

function named(numbers: readonly string[]): string[] {
  const shown = numbers.slice(0, MAX_NAMED).map((number) => showNumber(number));
  return numbers.length > MAX_NAMED ? [...shown, `${numbers.length - MAX_NAMED} more`] : shown;
}

const wholesOf = (numbers: readonly string[]): number[] =>
  numbers.map((number) => Number(keyOfText(number))).filter(Number.isInteger);

/** Numbers named one by one. */
export const picked = condition({
  kind: "picked",
  family: "numbers",
  parts: (z: Z) => ({
    numbers: z
      .array(NumberText(z))
      .check(
        z.minLength(1, "Write at least one number."),
        z.maxLength(MAX_PICKED, "Write at most 200 numbers."),
      ),
  }),
  choices: [{ value: "picked", label: "one of these:", start: () => ({ numbers: [...PICKED_AT_FIRST] }) }],
  fields: [{ part: "numbers", label: "Numbers", numbers: { max: MAX_PICKED } }],
  asks: "number",
  test: ({ numbers }) => {
    const held = new Set(numbers.map(keyOfText));
    return (value) => held.has(keyOf(value));
  },
  whole: ({ numbers }) => {
    const held = new Set(wholesOf(numbers));
    return (number) => held.has(number);
  },
  few: ({ numbers }) => wholesOf(numbers),
  next: ({ numbers }) => {
    const whole = wholesOf(numbers).sort((a, b) => a - b);
    return (from) => whole.find((number) => number >= from) ?? null;
  },
  noun: ({ numbers }) =>
    `${numbers.length === 1 ? "the number" : "the numbers"} ${listWords(named(numbers))}`,
  nounNot: ({ numbers }) => `all numbers but ${listWords(named(numbers))}`,
  verb: "are",
  predicate: ({ numbers }) => eitherWords(named(numbers)),
  weight: 4,
  *offers({ shaded, numbers }) {
    if (shaded.length > 0 && shaded.length <= MAX_OFFERED) yield { numbers: shaded.map(String) };
    const few = numbers.length - shaded.length;
    if (few <= 0 || few > MAX_OFFERED) return;
    const held = new Set(shaded);
    // All but these.
    yield { numbers: numbers.filter((number) => !held.has(number)).map(String) };
  },
});
