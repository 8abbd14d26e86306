import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { anyRule } from "../../../tests/support/any-move";
import { fitOf } from "./fit";
import { MAX_LETTERS, readRule } from "./read-rule";
import { type Condition, kindOf, type Rule, ruleOf, textOf } from "./rule";
import { ruleWords } from "./rule-words";
import { HUNDRED_SQUARES } from "./squares";

const one = (condition: Record<string, unknown>): Rule => ruleOf({ not: false, ...condition } as Condition);

describe("a sentence is read where its words are exact", () => {
  test.each([
    ["multiples of 6", one({ kind: "multiples", of: "6" })],
    ["The multiples of 6.", one({ kind: "multiples", of: "6" })],
    ["Numbers that are multiples of 11", one({ kind: "multiples", of: "11" })],
    ["they are even", one({ kind: "even" })],
    ["Even numbers", one({ kind: "even" })],
    ["not even", one({ kind: "even", not: true })],
    ["numbers that are not prime", one({ kind: "prime", not: true })],
    ["2 more than a multiple of 5", one({ kind: "remainder", more: "2", of: "5" })],
    ["numbers whose digits add up to 9", one({ kind: "digits", make: "sum", is: "9" })],
    ["ones digit is 4", one({ kind: "digit", place: "ones", digit: 4 })],
    ["numbers reached counting in 6s from 4", one({ kind: "counting", by: "6", from: "4" })],
    ["counting in 6 from 4", one({ kind: "counting", by: "6", from: "4" })],
    ["whole numbers", one({ kind: "multiples", of: "1" })],
    ["not whole numbers", one({ kind: "multiples", of: "1", not: true })],
    ["Their ones digit is 4.", one({ kind: "digit", place: "ones", digit: 4 })],
    ["numbers whose tens digit is not 0", one({ kind: "digit", place: "tens", digit: 0, not: true })],
    ["have a digit 7", one({ kind: "contains", digit: 7 })],
    ["numbers without a digit 7", one({ kind: "contains", digit: 7, not: true })],
    ["multiples of both 4 and 6", one({ kind: "common-multiples", a: "4", b: "6" })],
    ["numbers from 20 to 40", one({ kind: "between", from: "20", to: "40" })],
    ["factors of 24", one({ kind: "factors", of: "24" })],
    ["exactly 3 factors", one({ kind: "factor-count", is: "3" })],
  ])("%s", (words, rule) => {
    const read = readRule(words);
    expect(read && textOf(read)).toBe(textOf(rule));
  });

  test.each([
    ["They end in 4", "numbers whose ones digit is 4"],
    ["in the five times table", "multiples of 5"],
    ["They are all multiples of ten.", "multiples of 10"],
    ["counting in fives from twenty-one", "numbers reached counting in 5s from 21"],
    ["one less than a multiple of 5", "numbers that are 4 more than a multiple of 5"],
    ["they leave a remainder of 2 when divided by 5", "numbers that are 2 more than a multiple of 5"],
    ["with a 7", "numbers with a digit 7"],
    ["two-digit numbers", "numbers from 10 to 99"],
    ["bigger than 20", "numbers more than 20"],
    ["both digits are the same", "two-digit numbers with two equal digits"],
    ["Fibonacci numbers", "Fibonacci numbers: 1, 1, 2, 3, 5, …, each the sum of the two before it"],
    ["numbers in column 4", "numbers in column 4 of the chart"],
    ["in the corners", "numbers in a corner of the chart"],
    ["odd numbers less than 50", "numbers that are odd and are less than 50"],
    ["multiples of 3 that are even", "numbers that are multiples of 3 and are even"],
    ["multiples of 3, up to 60", "numbers that are multiples of 3 and are not more than 60"],
    ["20 or less", "numbers that are not more than 20"],
    ["odd numbers from 21 on", "numbers that are odd and are not less than 21"],
    ["end in 0 or 5", "numbers that have the ones digit 0 or have the ones digit 5"],
    ["they do not end in 5", "numbers whose ones digit is not 5"],
  ])("as it is said in class: %s", (words, said) => {
    const read = readRule(words, HUNDRED_SQUARES);
    expect(read && ruleWords(read)).toBe(said);
  });

  test.each([
    "not all even",
    "they are not all even",
    "not even or multiples of 3",
    "they do not end in 0 or 5",
    "without a 7 or 8",
    "not odd numbers less than 50",
    "multiples of 3 and 5",
    "numbers between 20 and 40",
    "numbers that are 7",
    "even or 7",
    "both digits are even",
    "counting in 5s",
  ])("what could be meant in two ways, or is none of them, is not guessed: %s", (words) =>
    expect(readRule(words, HUNDRED_SQUARES)).toBeNull(),
  );

  test("where numbers stand is read of the chart at hand only", () => {
    expect(readRule("in row 2")).toBeNull();
    const wide = { ...HUNDRED_SQUARES, columns: 5 };
    expect(readRule("in row 2", wide)?.conditions[0]).toMatchObject({ kind: "lane", on: wide });
  });

  test("two together, and either", () => {
    expect(readRule("odd and not multiples of 3")).toEqual({
      join: "and",
      conditions: [
        { kind: "odd", not: false },
        { kind: "multiples", not: true, of: "3" },
      ],
    });
    expect(readRule("multiples of both 4 and 6 and odd")?.conditions.map(({ kind }) => kind)).toEqual([
      "common-multiples",
      "odd",
    ]);
    expect(readRule("They are even, but are not multiples of 4.")?.join).toBe("and");
    expect(readRule("numbers that are less than 5 or are more than 95")?.join).toBe("or");
  });

  test.each([
    "",
    "they make a cross",
    "multiples of",
    "multiples of many",
    "even or odd and prime",
    "6",
    "x".repeat(300),
  ])("%j is not exact", (words) => expect(readRule(words)).toBeNull());

  test("nothing typed throws, and what is read says what was meant", () => {
    fc.assert(fc.property(fc.string({ maxLength: 130 }), (text) => void readRule(text)));
    fc.assert(
      fc.property(anyRule, (rule) => {
        const words = ruleWords(rule);
        const read = readRule(words, HUNDRED_SQUARES);
        if (read) expect(ruleWords(read)).toBe(words);
        else expect(words.length > MAX_LETTERS || rule.first || rule.conditions.some(isNotRead)).toBeTruthy();
      }),
      { numRuns: 500 },
    );
  });
});

/** Conditions that are not read: about marks; a sequence said by its first numbers; numbers one by one. */
const isNotRead = (condition: Condition): boolean => {
  const { asks, family, kind } = kindOf(condition);
  return asks !== "number" || family === "sequences" || kind === "picked";
};

test("a sentence beside a shading: what fits, what is missing, what is too much", () => {
  const numbers = Array.from({ length: 20 }, (_, i) => String(i + 1));
  const shaded = new Set(["3", "6", "9", "10"]);
  expect(fitOf(one({ kind: "multiples", of: "3" }), numbers, shaded)).toEqual({
    fits: ["3", "6", "9"],
    missing: ["10"],
    tooMany: ["12", "15", "18"],
  });
});
