import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { anyRule } from "../../../tests/support/any-move";
import { fitOf } from "./fit";
import { readRule } from "./read-rule";
import { type Condition, kindOf, type Rule, ruleOf, textOf } from "./rule";
import { ruleWords } from "./rule-words";

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

  test("two together, and either", () => {
    expect(readRule("odd and not multiples of 3")).toEqual({
      join: "and",
      conditions: [
        { kind: "odd", not: false },
        { kind: "multiples", not: true, of: "3" },
      ],
    });
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
        const known = rule.conditions.every(
          (each) => kindOf(each).asks !== "inks" && kindOf(each).family !== "squares",
        );
        const read = known ? readRule(words) : null;
        // A sequence is said by its first numbers, and numbers named one by one are not read.
        if (read) expect(ruleWords(read).length).toBeGreaterThan(0);
        if (
          known &&
          rule.conditions.length === 1 &&
          [
            "multiples",
            "even",
            "odd",
            "remainder",
            "counting",
            "digit",
            "digits",
            "prime",
            "factors",
          ].includes(rule.conditions[0]!.kind)
        )
          expect(read && ruleWords(read)).toBe(words);
      }),
    );
  });
});

test("a sentence beside a shading: what fits, what is missing, what is too much", () => {
  const numbers = Array.from({ length: 20 }, (_, i) => String(i + 1));
  const shaded = new Set(["3", "6", "9", "10"]);
  expect(fitOf(one({ kind: "multiples", of: "3" }), numbers, shaded)).toEqual({
    fits: ["3", "6", "9"],
    missing: ["10"],
    tooMany: ["12", "15", "18"],
  });
});
