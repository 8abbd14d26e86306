import fc from "fast-check";
import { evaluate, gcd, isPrime as mathjsIsPrime } from "mathjs";
import { describe, expect, test } from "vitest";
import { anyRule } from "../../../tests/support/any-move";
import { fileFormatPage } from "../../../tests/support/file-format";
import { divisorsOf } from "../number/divisors";
import { countDivisors } from "../number/factors";
import { isPrime } from "../number/prime";
import * as z from "../zod";
import { CONDITION_CHOICES, choiceOf, chooseCondition, conditionWith, ruleOn } from "./choose-condition";
import { CONDITIONS } from "./conditions";
import { holdsOf } from "./holds";
import { membersFrom } from "./members";
import { type AnyConditionKind, Condition, kindOf, Rule, ruleOf, wholeTestOf } from "./rule";
import { ruleWords, shortWords } from "./rule-words";
import { HUNDRED_SQUARES, type Squares } from "./squares";

const one = (condition: Record<string, unknown>): Rule =>
  Rule(z).parse(ruleOf({ not: false, ...condition } as Condition));
const held = (condition: Record<string, unknown>, to = 100, from = 0): number[] => {
  const holds = holdsOf(one(condition), () => 0);
  return Array.from({ length: to - from + 1 }, (_, i) => from + i).filter((n) => holds(String(n)));
};
const next = (condition: Record<string, unknown>, from: number, many: number) =>
  membersFrom(one(condition), from, many).found;
const wholes = (to: number) => Array.from({ length: to + 1 }, (_, n) => n);

// The values of these lists are written from memory, as OEIS has them; each is named by its number there.
describe("published sequences", () => {
  test.each([
    [
      "A000040",
      { kind: "prime" },
      [2, 3, 5, 7, 11, 13, 17, 19, 23, 29, 31, 37, 41, 43, 47, 53, 59, 61, 67, 71, 73, 79, 83, 89, 97],
    ],
    [
      "A002808",
      { kind: "composite" },
      [4, 6, 8, 9, 10, 12, 14, 15, 16, 18, 20, 21, 22, 24, 25, 26, 27, 28, 30],
    ],
    ["A000290", { kind: "square" }, [0, 1, 4, 9, 16, 25, 36, 49, 64, 81, 100]],
    ["A000578", { kind: "cube" }, [0, 1, 8, 27, 64, 125, 216, 343, 512, 729, 1000]],
    ["A000217", { kind: "triangular" }, [0, 1, 3, 6, 10, 15, 21, 28, 36, 45, 55, 66, 78, 91, 105]],
    [
      "A000045",
      { kind: "added", first: "0", second: "1" },
      [0, 1, 2, 3, 5, 8, 13, 21, 34, 55, 89, 144, 233, 377, 610, 987],
    ],
    [
      "A000032",
      { kind: "added", first: "2", second: "1" },
      [1, 2, 3, 4, 7, 11, 18, 29, 47, 76, 123, 199, 322],
    ],
    ["A000079", { kind: "powers", of: "2" }, [1, 2, 4, 8, 16, 32, 64, 128, 256, 512, 1024]],
    ["A000244", { kind: "powers", of: "3" }, [1, 3, 9, 27, 81, 243, 729, 2187, 6561, 19683]],
    [
      "A002113",
      { kind: "palindrome" },
      [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 11, 22, 33, 44, 55, 66, 77, 88, 99, 101, 111, 121, 131, 141],
    ],
    [
      "A007953",
      { kind: "digits", make: "sum", is: "9" },
      [9, 18, 27, 36, 45, 54, 63, 72, 81, 90, 108, 117, 126],
    ],
    [
      "A014263",
      { kind: "digit-parity", which: "all", parity: "even" },
      [0, 2, 4, 6, 8, 20, 22, 24, 26, 28, 40, 42, 44, 46, 48, 60],
    ],
    [
      "A054684",
      { kind: "digit-parity", which: "sum", parity: "odd" },
      [1, 3, 5, 7, 9, 10, 12, 14, 16, 18, 21],
    ],
    ["A001248", { kind: "factor-count", is: "3" }, [4, 9, 25, 49, 121, 169, 289, 361, 529, 841]],
    ["A030513", { kind: "factor-count", is: "4" }, [6, 8, 10, 14, 15, 21, 22, 26, 27, 33, 34, 35, 38, 39]],
    [
      "A000124",
      { kind: "growing", first: "1", gap: "1", growth: "1" },
      [1, 2, 4, 7, 11, 16, 22, 29, 37, 46, 56],
    ],
    ["A007283", { kind: "geometric", first: "3", times: "2" }, [3, 6, 12, 24, 48, 96, 192, 384, 768]],
    ["A016873", { kind: "remainder", more: "2", of: "5" }, [2, 7, 12, 17, 22, 27, 32, 37, 42, 47, 52]],
    ["A011533", { kind: "contains", digit: 3 }, [3, 13, 23, 30, 31, 32, 33, 34, 35, 36, 37, 38, 39, 43, 53]],
    ["A018253", { kind: "factors", of: "24" }, [1, 2, 3, 4, 6, 8, 12, 24]],
  ])("%s", (_, condition, list) => {
    expect(next(condition, 0, list.length)).toEqual(list);
    expect(held(condition, list.at(-1)!)).toEqual(list);
  });
});

describe("primes and factors are those of mathjs", () => {
  test("primes to 5,000, and around 10¹² and 10¹⁵", () => {
    const near = [1_000_000_000_000, 999_999_999_999_000].flatMap((from) => wholes(60).map((i) => from + i));
    for (const number of [
      ...wholes(5000),
      ...near.filter((n) => n % 2 === 1 && n % 3 !== 0 && n % 5 !== 0).slice(0, 12),
    ])
      expect([number, isPrime(number)]).toEqual([number, mathjsIsPrime(number) === true]);
  });

  // From memory: the smallest numbers that pass the test of Miller and Rabin for the base 2, and for 2, 3 and 5.
  test("composite numbers that look prime to a weak test", () => {
    for (const number of [2047, 3277, 25_326_001, 161_304_001, 3_215_031_751, 2_152_302_898_747])
      expect(isPrime(number)).toBe(false);
  });

  test("factors, common factors and common multiples", () => {
    for (const [a, b] of [
      [12, 18],
      [24, 60],
      [7, 9],
      [100, 36],
    ] as const) {
      const divides = (of: number) =>
        wholes(of)
          .slice(1)
          .filter((n) => evaluate(`mod(${of}, ${n})`) === 0);
      expect(held({ kind: "factors", of: String(a) }, a)).toEqual(divides(a));
      const both = { a: String(a), b: String(b) };
      expect(held({ kind: "common-factors", ...both })).toEqual(divides(gcd(a, b)));
      expect(next({ kind: "common-multiples", ...both }, 1, 3)).toEqual(
        [1, 2, 3].map((k) => Number(evaluate(`lcm(${a}, ${b})`)) * k),
      );
    }
  });

  test("how many factors a number has is how many there are in a list of them", () => {
    const some = [
      ...wholes(3000).slice(1),
      999_999_999_989,
      999_998_000_001,
      999_962_000_357,
      963_761_198_400,
    ];
    for (const number of some)
      expect([number, countDivisors(number)]).toEqual([number, divisorsOf(number).length]);
  });

  test("a sequence whose gaps grow is evaluated far out, without a list of its terms", () => {
    // The triangular numbers: 1 + 2 + … + 1,414,213 and 44,721,358 of them, by Gauss's formula.
    const triangular = { kind: "growing", first: "0", gap: "1", growth: "1" };
    const meets = wholeTestOf(one(triangular).conditions[0]!);
    for (const n of [1_414_213, 44_721_358]) {
      const term = (n * (n + 1)) / 2;
      expect([meets(term - 1), meets(term), meets(term + 1)]).toEqual([false, true, false]);
      expect(next(triangular, term - 3, 1)).toEqual([term]);
    }
  });

  test("how many factors a number has, to 10¹²", () => {
    expect(held({ kind: "factor-count", is: "2" })).toEqual(held({ kind: "prime" }));
    // 10¹² is 2¹² × 5¹², so it has 13 × 13 factors.
    expect(wholeTestOf(one({ kind: "factor-count", is: "169" }).conditions[0]!)(1_000_000_000_000)).toBe(
      true,
    );
  });
});

describe("digits", () => {
  const texts = wholes(300).map(String);
  const by = (test: (digits: number[]) => boolean) =>
    texts.filter((text) => test([...text].map(Number))).map(Number);

  test.each([
    [
      { kind: "digits", make: "product", is: "12" },
      (d: number[]) => d.length > 1 && d.reduce((a, b) => a * b) === 12,
    ],
    [
      { kind: "digits", make: "difference", is: "3" },
      (d: number[]) => d.length === 2 && Math.abs(d[0]! - d[1]!) === 3,
    ],
    [{ kind: "digit-pair", is: "equal" }, (d: number[]) => d.length === 2 && d[0] === d[1]],
    [{ kind: "digit-pair", is: "ones-larger" }, (d: number[]) => d.length === 2 && d[1]! > d[0]!],
    [{ kind: "digit-pair", is: "tens-larger" }, (d: number[]) => d.length === 2 && d[0]! > d[1]!],
    [{ kind: "digit-pair", is: "ones-twice" }, (d: number[]) => d.length === 2 && d[1] === 2 * d[0]!],
    [{ kind: "digit-pair", is: "tens-twice" }, (d: number[]) => d.length === 2 && d[0] === 2 * d[1]!],
    [
      { kind: "consecutive" },
      (d: number[]) => d.length > 1 && d.every((x, i) => i === 0 || x === d[i - 1]! + 1),
    ],
    [{ kind: "repeated" }, (d: number[]) => new Set(d).size < d.length],
  ])("%o", (condition, test) => {
    expect(held(condition, 300)).toEqual(by(test));
  });
});

describe("where numbers stand", () => {
  const on: Squares = HUNDRED_SQUARES;

  test("rows, columns, slopes, border and corners of a hundred chart", () => {
    expect(held({ kind: "lane", lane: "row", nth: "3", on })).toEqual(wholes(9).map((i) => 21 + i));
    expect(held({ kind: "lane", lane: "column", nth: "4", on })).toEqual(wholes(9).map((i) => 4 + 10 * i));
    expect(held({ kind: "slope", way: "right", through: "23", on })).toEqual([
      1, 12, 23, 34, 45, 56, 67, 78, 89, 100,
    ]);
    expect(held({ kind: "slope", way: "left", through: "5", on })).toEqual([5, 14, 23, 32, 41]);
    expect(held({ kind: "alternate", which: "rows", begins: "second", on })).toEqual(
      wholes(100).filter((n) => n > 0 && Math.ceil(n / 10) % 2 === 0),
    );
    // A square and its neighbours are never both in it.
    const every = held({ kind: "alternate", which: "squares", begins: "first", on });
    expect(every.slice(0, 7)).toEqual([1, 3, 5, 7, 9, 12, 14]);
    expect(every).toHaveLength(50);
    for (const n of every)
      expect(every.includes(n + 10) || (n % 10 !== 0 && every.includes(n + 1))).toBe(false);
    expect(held({ kind: "edge", edge: "corners", on })).toEqual([1, 10, 91, 100]);
    expect(held({ kind: "edge", edge: "border", on })).toHaveLength(36);
  });

  test("on charts that climb, run down, or go back and forth, and beside the chart", () => {
    const climbs = { ...on, climb: "up" };
    expect(held({ kind: "lane", lane: "row", nth: "1", on: climbs })).toEqual(wholes(9).map((i) => 91 + i));
    const runs = { ...on, run: "down" };
    expect(held({ kind: "lane", lane: "row", nth: "1", on: runs })).toEqual(wholes(9).map((i) => 1 + 10 * i));
    const turns = { ...on, reads: "back-and-forth" };
    expect(held({ kind: "lane", lane: "column", nth: "1", on: turns }, 41)).toEqual([1, 20, 21, 40, 41]);
    expect(held({ kind: "lane", lane: "column", nth: "1", on }, 200, 101)).toEqual([]);
  });

  test("are as well said of another chart", () => {
    const rule = one({ kind: "lane", lane: "column", nth: "1", on });
    const wide = { ...on, columns: 20 };
    expect(ruleOn(rule, wide).conditions[0]).toMatchObject({ nth: "1", on: wide });
  });
});

describe("every family", () => {
  const kinds = CONDITIONS as unknown as readonly AnyConditionKind[];

  test("says its next numbers as trying them one by one does", () => {
    fc.assert(
      fc.property(anyRule, fc.integer({ min: -20, max: 60 }), ({ conditions }, from) => {
        for (const condition of conditions) {
          const { next: leap, asks } = kindOf(condition);
          if (!leap || asks !== "number") continue;
          const meets = wholeTestOf({ ...condition, not: false });
          const found = leap(condition)(from);
          const tried =
            wholes(3000)
              .map((i) => from + i)
              .find(meets) ?? null;
          if (tried !== null || (found !== null && found < from + 3000)) expect(found).toBe(tried);
        }
      }),
      { numRuns: 600 },
    );
  });

  test("comes again after its period", () => {
    fc.assert(
      fc.property(anyRule, fc.integer({ min: 10, max: 500 }), ({ conditions }, number) => {
        for (const condition of conditions) {
          const period = kindOf(condition).period?.(condition);
          if (period === null || period === undefined) continue;
          const meets = wholeTestOf(condition);
          expect(meets(number)).toBe(meets(number + Number(period)));
        }
      }),
    );
  });

  test("is chosen by each of its choices, sound and with its own words", () => {
    const even: Condition = { kind: "even", not: false };
    for (const { options } of CONDITION_CHOICES) {
      for (const { value } of options) {
        const chosen = chooseCondition(value, even);
        expect(Condition(z).safeParse(chosen).success).toBe(true);
        expect(choiceOf(chosen)).toBe(value);
        expect(ruleWords(ruleOf(chosen)).length).toBeGreaterThan(2);
        expect(shortWords(ruleOf(chosen)).length).toBeLessThanOrEqual(ruleWords(ruleOf(chosen)).length);
      }
    }
    expect(CONDITION_CHOICES.flatMap(({ options }) => options)).toHaveLength(
      kinds.reduce((sum, { choices }) => sum + choices.length, 0),
    );
  });

  test("keeps of another what it can, and refuses what makes no sense", () => {
    const sixes: Condition = { kind: "multiples", not: true, of: "6" };
    expect(chooseCondition("remainder", sixes)).toEqual({ kind: "remainder", not: true, of: "6", more: "1" });
    expect(conditionWith(chooseCondition("remainder", sixes), { more: "6" })).toMatchObject({ ok: false });
    expect(
      Condition(z).safeParse({ kind: "remainder", not: false, of: "5", more: "5" }).error?.issues[0]?.message,
    ).toMatch(/Write a number below 5/);
    const picked = chooseCondition("picked", sixes);
    expect(conditionWith(picked, { numbers: "4, 1/2 and 9" })).toMatchObject({ ok: false });
    expect(conditionWith(picked, { numbers: "4, 9" })).toMatchObject({
      ok: true,
      value: { numbers: ["4", "9"] },
    });
  });
});

test("the file format's page names every kind", () => {
  const page = fileFormatPage();
  for (const { kind } of CONDITIONS) expect(page).toContain(`"kind": "${kind}"`);
});
