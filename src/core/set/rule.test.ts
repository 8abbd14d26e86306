import fc from "fast-check";
import { evaluate } from "mathjs";
import { describe, expect, test } from "vitest";
import { anyRule } from "../../../tests/support/any-move";
import { fold } from "../scene/fold";
import { overlapsOf, overlapWords } from "../scene/overlap";
import { EMPTY_SCENE, inksAt } from "../scene/scene";
import { chartNumbers, plainChart } from "../surface/chart";
import * as z from "../zod";
import { holdsOf } from "./holds";
import { ALL, type Condition, MARKED, Rule, ruleOf, sameRule, textOf, UNMARKED } from "./rule";
import { listNumbers, ruleWords } from "./rule-words";

const NONE = () => 0;
const HUNDRED = Array.from({ length: 100 }, (_, i) => String(i + 1));
const held = (rule: Rule, numbers: readonly string[] = HUNDRED) => numbers.filter(holdsOf(rule, NONE));
const one = (condition: Record<string, unknown>) => ruleOf({ not: false, ...condition } as Condition);

describe("what a rule holds", () => {
  test("multiples are what mathjs divides without a rest", () => {
    for (let k = 1; k <= 100; k += 1) {
      const expected = HUNDRED.filter((n) => evaluate(`mod(${n}, ${k})`) === 0);
      expect(held(one({ kind: "multiples", of: String(k) }))).toEqual(expected);
    }
  });

  test("multiples of a fraction and of a decimal, as mathjs divides fractions", () => {
    const tenths = chartNumbers(plainChart("0", "0.1", 10, { by: "rows", rows: 6 }));
    for (const of of ["0.2", "0.25", "1/2", "1.5"]) {
      const expected = tenths.filter(
        (n) => evaluate(`number(mod(fraction("${n}"), fraction("${of}")))`) === 0,
      );
      expect(held(one({ kind: "multiples", of }), tenths)).toEqual(expected);
    }
  });

  test("counting in k from any start holds the start and every kth number after it", () => {
    const rule = one({ kind: "counting", by: "4", from: "3", to: "20" });
    expect(held(rule)).toEqual(["3", "7", "11", "15", "19"]);
    expect(
      held(one({ kind: "counting", by: "0.5", from: "0.25" }), ["0.25", "0.5", "0.75", "-0.25"]),
    ).toEqual(["0.25", "0.75"]);
  });

  // Common practice, no source: zero is even and a multiple of every number; −3 is odd; a half is neither.
  test("odd, even and zero", () => {
    const some = ["-3", "-2", "0", "0.5", "1", "4/3"];
    expect(held(one({ kind: "odd" }), some)).toEqual(["-3", "1"]);
    expect(held(one({ kind: "even" }), some)).toEqual(["-2", "0"]);
    expect(held(one({ kind: "multiples", of: "7" }), some)).toEqual(["0"]);
  });

  // The squares: OEIS A000290, https://oeis.org/A000290.
  test("square numbers, the largest a board can hold among them", () => {
    expect(held(one({ kind: "square" }), ["0", ...HUNDRED])).toEqual([
      "0",
      "1",
      "4",
      "9",
      "16",
      "25",
      "36",
      "49",
      "64",
      "81",
      "100",
    ]);
    const near = ["999998000000", "999998000001", "999998000002", "-4", "2.25", "4/9", "1000000000000"];
    expect(held(one({ kind: "square" }), near)).toEqual(["999998000001", "1000000000000"]);
    expect(held(one({ kind: "square", not: true }), ["3", "4"])).toEqual(["3"]);
  });

  test("digits are those that are written", () => {
    const digit = (place: string, is: number, numbers?: string[]) =>
      held(one({ kind: "digit", place, digit: is }), numbers);
    expect(digit("ones", 4)).toEqual(HUNDRED.filter((n) => n.endsWith("4")));
    expect(digit("tens", 3)).toEqual(["30", "31", "32", "33", "34", "35", "36", "37", "38", "39"]);
    expect(digit("tens", 0)).toEqual(["100"]);
    expect(digit("hundreds", 1, ["99", "100", "1100", "-120", "2010"])).toEqual(["100", "1100", "-120"]);
    expect(digit("ones", 6, ["6.2", "5.6", "-16"])).toEqual(["6.2", "-16"]);
  });

  test("between with both its ends, less and more without", () => {
    expect(held(one({ kind: "between", from: "97", to: "99" }))).toEqual(["97", "98", "99"]);
    expect(held(one({ kind: "less", than: "3" }))).toEqual(["1", "2"]);
    expect(held(one({ kind: "more", than: "98" }))).toEqual(["99", "100"]);
    expect(held(one({ kind: "between", from: "-1/3", to: "1/3" }), ["-0.34", "-1/3", "0.33", "1/3"])).toEqual(
      ["-1/3", "0.33", "1/3"],
    );
  });

  test("and is both, or is either, not is the rest, on every number", () => {
    fc.assert(
      fc.property(
        anyRule,
        anyRule,
        fc.integer({ min: -20, max: 40 }),
        fc.nat({ max: 31 }),
        (a, b, n, inks) => {
          const [x, y] = [a.conditions[0]!, b.conditions[0]!];
          const holds = (rule: Rule) => holdsOf(rule, () => inks)(String(n));
          const [inX, inY] = [holds(ruleOf(x)), holds(ruleOf(y))];
          expect(holds({ join: "and", conditions: [x, y] })).toBe(inX && inY);
          expect(holds({ join: "or", conditions: [x, y] })).toBe(inX || inY);
          expect(holds(ruleOf({ ...x, not: !x.not }))).toBe(!inX);
        },
      ),
    );
  });

  test("common multiples of two numbers are the multiples of mathjs's lcm", () => {
    for (const [a, b] of [
      ["2", "3"],
      ["4", "6"],
      ["6", "8"],
    ] as const) {
      const both: Rule = {
        join: "and",
        conditions: [one({ kind: "multiples", of: a }), one({ kind: "multiples", of: b })].map(
          ({ conditions }) => conditions[0]!,
        ),
      };
      expect(held(both)).toEqual(held(one({ kind: "multiples", of: String(evaluate(`lcm(${a}, ${b})`)) })));
    }
  });

  test("keeps a bounded number of answers", () => {
    const rule = one({ kind: "odd" });
    const holds = holdsOf(rule, NONE);
    for (let n = 0; n < 12_000; n += 1) expect(holds(String(n))).toBe(n % 2 === 1);
  });
});

describe("how a rule is said", () => {
  test.each([
    [one({ kind: "multiples", of: "6", from: "6", to: "120" }), "multiples of 6, from 6 to 120"],
    [one({ kind: "multiples", of: "6", from: "12" }), "multiples of 6, from 12 on"],
    [one({ kind: "multiples", of: "6", to: "60" }), "multiples of 6, up to 60"],
    [one({ kind: "digit", place: "ones", digit: 4 }), "numbers whose ones digit is 4"],
    [one({ kind: "digit", place: "tens", digit: 0, not: true }), "numbers whose tens digit is not 0"],
    [one({ kind: "counting", by: "4", from: "-3" }), "numbers reached counting in 4s from −3"],
    [one({ kind: "multiples", of: "1" }), "whole numbers"],
    [one({ kind: "picked", numbers: ["50", "77"], not: true }), "all numbers but 50 and 77"],
    [one({ kind: "between", from: "20", to: "40" }), "numbers from 20 to 40"],
    [one({ kind: "ink", ink: "sea", not: true }), "numbers that are not marked in sea"],
    [one({ kind: "square" }), "square numbers"],
    [one({ kind: "square", not: true }), "numbers that are not square numbers"],
    [UNMARKED, "numbers that are not marked"],
    [MARKED, "marked numbers"],
    [ALL, "all numbers"],
    [
      {
        join: "and",
        conditions: [
          { kind: "odd", not: false },
          { kind: "multiples", not: true, of: "3" },
        ],
      },
      "numbers that are odd and are not multiples of 3",
    ],
    [
      {
        join: "or",
        conditions: [
          { kind: "less", not: false, than: "5" },
          { kind: "more", not: false, than: "95" },
        ],
      },
      "numbers that are less than 5 or are more than 95",
    ],
    [
      {
        join: "or",
        conditions: [
          { kind: "picked", not: true, numbers: ["18", "27"] },
          { kind: "even", not: false },
        ],
      },
      "numbers that are not 18 or 27, or are even",
    ],
  ] satisfies [Rule, string][])("%o", (rule, words) => {
    expect(ruleWords(Rule(z).parse(rule))).toBe(words);
  });

  test("numbers are listed in a sentence, a long list is cut short", () => {
    expect([listNumbers([]), listNumbers(["7"]), listNumbers(["24", "54", "-84"])]).toEqual([
      "no number",
      "7",
      "24, 54 and −84",
    ]);
    expect(listNumbers(HUNDRED, 3)).toBe("1, 2, 3 and 97 more");
  });

  test("rules that are written alike are the same, whatever the order of their parts", () => {
    const [a, b] = [
      one({ kind: "multiples", of: "6" }),
      Rule(z).parse({ conditions: [{ of: "6", not: false, kind: "multiples" }], join: "or" }),
    ];
    expect([sameRule(a, b), sameRule(a, ALL)]).toEqual([true, false]);
    expect(textOf(a)).toBe(textOf(b));
  });
});

describe("overlaps", () => {
  const scene = fold(EMPTY_SCENE, [
    { do: "mark", ink: "sun", numbers: one({ kind: "multiples", of: "6" }) },
    { do: "mark", ink: "sea", numbers: one({ kind: "digit", place: "ones", digit: 4 }) },
    { do: "mark", ink: "plum", numbers: ["24"] },
  ]);

  test("are the numbers with several inks, named", () => {
    const numbers = Array.from({ length: 120 }, (_, i) => String(i + 1));
    expect(overlapsOf(scene, numbers).map(overlapWords)).toEqual([
      "54, 84 and 114 have both marks, sun and sea.",
      "24 has 3 marks, sun, sea and plum.",
    ]);
    expect(overlapsOf(EMPTY_SCENE, numbers)).toEqual([]);
  });

  test("agree with the inks of each number", () => {
    expect(inksAt(scene, "24")).toBe(0b10101);
    expect(inksAt(scene, "30")).toBe(0b00001);
  });
});

describe("bad rules", () => {
  test.each([
    [{ kind: "multiples", not: false, of: "0" }, "Write a number above 0."],
    [{ kind: "multiples", not: false, of: "-6" }, "Write a number above 0."],
    [{ kind: "multiples", not: false, of: "1e999" }, "Write a number, such as 7, −3, 0.2 or 3/4."],
    [{ kind: "between", not: false, from: "1/0", to: "5" }, /bottom number of a fraction cannot be 0/],
    [{ kind: "digit", not: false, place: "ones", digit: 12 }, /./],
  ])("%o", (condition, message) => {
    const read = Rule(z).safeParse({ join: "and", conditions: [condition] });
    expect(read.error?.issues[0]?.message).toMatch(message);
  });

  test("more conditions than a sentence can hold, or none", () => {
    const odd = { kind: "odd", not: false };
    expect(Rule(z).safeParse({ join: "and", conditions: Array(5).fill(odd) }).success).toBe(false);
    expect(Rule(z).safeParse({ join: "and", conditions: [] }).success).toBe(false);
  });
});
