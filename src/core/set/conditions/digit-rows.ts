import { digitsOfWhole } from "../../number/digits";
import type { Z } from "../../schema";
import { condition, upwards } from "./condition";

/** A digit anywhere in the number. */
export const contains = condition({
  kind: "contains",
  family: "digits",
  parts: (z: Z) => ({ digit: z.int().check(z.minimum(0), z.maximum(9)) }),
  choices: [
    {
      value: "contains",
      label: "a digit anywhere:",
      start: (old) => ({ digit: typeof old.digit === "number" ? old.digit : 7 }),
    },
  ],
  fields: [{ part: "digit", label: "Digit", oneOf: [0, 1, 2, 3, 4, 5, 6, 7, 8, 9] }],
  asks: "number",
  whole:
    ({ digit }) =>
    (number) =>
      digitsOfWhole(number).includes(digit),
  noun: ({ digit }) => `numbers with a digit ${digit}`,
  nounNot: ({ digit }) => `numbers without a digit ${digit}`,
  verb: "have",
  predicate: ({ digit }) => `a digit ${digit}`,
  weight: 4,
  offers: () => upwards(0, 9).map((digit) => ({ digit })),
});

/** What the row of digits is like, however long it is. */
const rowOfDigits = <const K extends string>(
  kind: K,
  weight: number,
  words: { label: string; noun: string; predicate: string; verb: "are" | "have" },
  test: (digits: readonly number[]) => boolean,
) =>
  condition<K, Record<never, never>>({
    kind,
    family: "digits",
    parts: () => ({}),
    choices: [{ value: kind, label: words.label, start: () => ({}) }],
    fields: [],
    asks: "number",
    whole: () => (number) => test(digitsOfWhole(number)),
    noun: () => words.noun,
    verb: words.verb,
    predicate: () => words.predicate,
    weight,
    offers: () => [{}],
  });

/** 12, 23, 123: each digit one more than the digit before it. */
export const consecutive = rowOfDigits(
  "consecutive",
  7,
  {
    label: "digits that go up by one",
    noun: "numbers whose digits go up by one, as in 23 and 345",
    predicate: "digits that go up by one",
    verb: "have",
  },
  (row) => row.length > 1 && row.every((digit, i) => i === 0 || digit === row[i - 1]! + 1),
);

/** 11, 101, 121: a digit comes more than once. */
export const repeated = rowOfDigits(
  "repeated",
  6,
  {
    label: "a digit more than once",
    noun: "numbers in which a digit comes more than once",
    predicate: "a digit that comes more than once",
    verb: "have",
  },
  (row) => new Set(row).size < row.length,
);

/** The same read from the left and from the right: 7, 22, 121 (OEIS A002113). */
export const palindrome = rowOfDigits(
  "palindrome",
  6,
  {
    label: "the same read backwards",
    noun: "numbers that are the same read backwards",
    predicate: "the same read backwards",
    verb: "are",
  },
  (row) => row.every((digit, i) => digit === row[row.length - 1 - i]),
);
