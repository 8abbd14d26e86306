import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { descriptionLength } from "../description-length";
import { latticeGrid } from "../lattice";
import { type Condition, kindOf, type Rule, ruleOf, wholeTestOf } from "../rule";
import { HUNDRED_SQUARES, type Squares } from "../squares";
import { agreementWords, answerWords } from "./answer-words";
import { bitsOf, countBits, placesIn } from "./bitset";
import { candidatesOf, distinct, offered, simplestOf } from "./candidates";
import { type Answer, findRules, searchRules } from "./find-rules";
import { groundOf, type Shading } from "./shading";

const chart = (first: number, columns: number, count: number): Squares => ({
  ...HUNDRED_SQUARES,
  first: String(first),
  columns,
  count,
});
const numbersOf = ({ first, count }: Squares) =>
  Array.from({ length: count }, (_, i) => String(Number(first) + i));
const shade = (holds: (n: number) => boolean, squares = HUNDRED_SQUARES): Shading => {
  const numbers = numbersOf(squares);
  return { numbers, shaded: new Set(numbers.filter((n) => holds(Number(n)))), squares };
};
const isExact = ({ missing, besides }: Answer) => missing.length + besides.length === 0;
const words = (shading: Shading) => searchRules(shading).map(answerWords);

const CHARTS = [HUNDRED_SQUARES, chart(0, 8, 48), chart(101, 10, 100)];

/** The conditions that are offered for shadings of each family, one shading each. */
function everyCondition(squares: Squares): Condition[] {
  const numbers = numbersOf(squares);
  // A condition read off a shading is a candidate for some shadings that have it.
  const some = [
    [1, 2, 3, 5, 8],
    [2, 6, 18, 54],
    [1, 2, 4, 7],
    [4, 11, 18, 25],
  ].map((shaded) => shaded.map((n) => String(n + Number(squares.first) - 1)));
  const all = some.flatMap((shaded) => offered(groundOf({ numbers, shaded: new Set(shaded), squares })));
  return [...new Map(all.map((condition) => [JSON.stringify(condition), condition])).values()];
}

describe("the finder", () => {
  test.each(CHARTS.slice(0, 2))(
    "gives back each rule, or a simpler one for the same numbers, on %o",
    (squares) => {
      for (const condition of everyCondition(squares)) {
        const meets = wholeTestOf(condition);
        const shading = shade(meets, squares);
        if (shading.shaded.size === 0) continue;
        const [first] = searchRules(shading);
        const bits = descriptionLength(ruleOf(condition));
        // Naming its numbers one by one, or those of the others, may be shorter than the rule.
        if (!first) throw new Error(`Nothing is found for ${JSON.stringify(condition)}.`);
        expect(first.bits, JSON.stringify([condition, answerWords(first)])).toBeLessThanOrEqual(bits + 1e-9);
        expect(isExact(first), JSON.stringify([condition, bits, first])).toBe(true);
        const found = first.rule.conditions.map(wholeTestOf);
        for (const n of shading.numbers.map(Number))
          expect(first.rule.join === "and" ? found.every((t) => t(n)) : found.some((t) => t(n))).toBe(
            meets(n),
          );
      }
    },
  );

  test("all that it calls exact holds the shaded numbers and no others", () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 20 }), (some) => {
        const shading = shade((n) => some.includes(n), chart(1, 10, 60));
        for (const answer of searchRules(shading)) {
          const tests = answer.rule.conditions.map(wholeTestOf);
          const holds = (n: number) =>
            answer.rule.join === "and" ? tests.every((t) => t(n)) : tests.some((t) => t(n));
          const [more, less] = [new Set(answer.missing), new Set(answer.besides)];
          for (const n of shading.numbers) {
            const named = more.has(n) || less.has(n);
            expect(holds(Number(n)) !== shading.shaded.has(n)).toBe(named);
          }
        }
      }),
      { numRuns: 60 },
    );
  });

  test.each([
    [(n: number) => n % 2 === 0, "even numbers"],
    [(n: number) => n % 7 === 0, "multiples of 7"],
    [(n: number) => n % 5 === 2, "numbers that are 2 more than a multiple of 5"],
    [(n: number) => [1, 2, 3, 4, 6, 8, 12, 24].includes(n), "factors of 24"],
    [(n: number) => Number.isInteger(Math.sqrt(n)), "square numbers"],
    [(n: number) => [1, 2, 3, 5, 8, 13, 21, 34, 55, 89].includes(n), /^Fibonacci numbers/],
    [(n: number) => n <= 10 || n > 90 || n % 10 < 2, "numbers on the border of the chart"],
    [(n: number) => n % 10 === 5, "numbers whose ones digit is 5"],
    [(n: number) => n % 3 === 0 || n % 5 === 0, "numbers that are multiples of 3 or are multiples of 5"],
    [
      (n: number) => n % 10 === 3 || n % 10 === 7,
      "numbers that have the ones digit 3 or have the ones digit 7",
    ],
    [(n: number) => n % 4 === 0 && n % 10 === 6, "numbers that are 16 more than a multiple of 20"],
    [(n: number) => [3, 17, 22, 58].includes(n), "the numbers 3, 17, 22 and 58"],
  ] as const)("says it plainly", (holds, said) => {
    const first = words(shade(holds))[0];
    if (typeof said === "string")
      expect([said, said.split(" and ").toReversed().join(" and ")]).toContain(first);
    else expect(first).toMatch(said);
  });

  test("says what a class would say: the chart's own multiples, one number by its name, all but a few", () => {
    const tens: Squares = { ...HUNDRED_SQUARES, first: "10", difference: "10" };
    expect(words(shade((n) => n % 20 === 0, tens))[0]).toBe("multiples of 20");
    expect(words(shade((n) => n % 30 === 0, tens))[0]).toBe("multiples of 30");
    expect(words(shade((n) => n === 7))[0]).toBe("the number 7");
    expect(words(shade((n) => n === 49 || n === 98))[0]).toMatch(/^(multiples of 49|the numbers)/);
    expect(words(shade((n) => n !== 50))).toEqual(["all numbers but 50"]);
    expect(words(shade((n) => n !== 50 && n !== 77))[0]).toBe("all numbers but 50 and 77");
  });

  test("three numbers are no sequence with growing gaps, and no rule is patched for a single number", () => {
    expect(words(shade((n) => [4, 17, 62].includes(n)))[0]).toBe("the numbers 4, 17 and 62");
    const forty = words(shade((n) => n <= 40));
    expect(forty[0]).toBe("numbers less than 41");
    expect(forty.join()).not.toMatch(/powers|not more than 1 /);
  });

  test.each([
    [
      (n: number) => (Math.ceil(n / 10) + n) % 2 === 0,
      "numbers on every other square, down and across, from the first",
    ],
    [(n: number) => Math.ceil(n / 10) % 2 === 0, "numbers in every other row, from the second"],
    [(n: number) => Math.floor(n / 10) % 2 === 1 && n < 100, "numbers whose tens digit is odd"],
    [(n: number) => /^[02468]+$/.test(String(n)), "numbers whose digits are all even"],
  ])("what a class shades for each other", (holds, said) => expect(words(shade(holds))[0]).toBe(said));

  test("finds two rules behind one shading, and three", () => {
    const six = words(shade((n) => n % 6 === 0));
    expect(six[0]).toBe("multiples of 6");
    expect(six).toContain("numbers that are even and are multiples of 3");
    const three = searchRules(shade((n) => n % 7 === 0 || n % 11 === 0 || n % 13 === 0))[0]!;
    expect([three.rule.join, three.rule.conditions.map((one) => "of" in one && one.of)]).toEqual([
      "or",
      ["7", "11", "13"],
    ]);
  });

  test("names the exceptions of a rule that nearly holds", () => {
    expect(words(shade((n) => n % 2 === 0 && n !== 38))[0]).toBe("even numbers, but 38 is missing");
    expect(words(shade((n) => n % 9 === 0 || n === 20))[0]).toBe("multiples of 9, and also 20");
    expect(words(shade((n) => n % 5 === 0 && n !== 20 && n !== 85))[0]).toBe(
      "multiples of 5, but 20 and 85 are missing",
    );
  });

  test("a shading of each family, damaged by one number, has that number named", () => {
    const squares = HUNDRED_SQUARES;
    const seen = new Map<string, number>();
    for (const condition of everyCondition(squares)) {
      // A few of each family are enough here.
      seen.set(condition.kind, (seen.get(condition.kind) ?? 0) + 1);
      if (seen.get(condition.kind)! > 8) continue;
      const meets = wholeTestOf(condition);
      const held = numbersOf(squares).map(Number).filter(meets);
      if (held.length < 6 || held.length > 94) continue;
      const bits = descriptionLength(ruleOf(condition));
      const lost = held[Math.floor(held.length / 2)]!;
      const added = numbersOf(squares)
        .map(Number)
        .find((n) => n > 40 && !meets(n));
      for (const damaged of [shade((n) => meets(n) && n !== lost), shade((n) => meets(n) || n === added)]) {
        if (damaged.shaded.size === held.length) continue;
        const wrong = [lost, added].find(
          (n) => n !== undefined && damaged.shaded.has(String(n)) !== meets(n),
        );
        const answers = searchRules(damaged);
        const named = answers.find(
          ({ missing, besides }) => [...missing, ...besides].join() === String(wrong),
        );
        // Unless a rule without exceptions is as simple.
        const simpler = answers.find(
          (one) => isExact(one) && one.bits <= bits + 6 + Math.log2(Number(wrong) + 1),
        );
        expect(named ?? simpler, `${kindOf(condition).kind} ${JSON.stringify(condition)}`).toBeDefined();
      }
    }
  });

  test("of places that nobody knows nothing is asked", () => {
    const unknown = new Set(["4", "8", "13", "50"]);
    const shading = { ...shade((n) => n % 4 === 0), unknown };
    expect(words(shading)[0]).toBe("multiples of 4");
    const damaged = { ...shading, shaded: new Set([...shading.shaded, "13"].filter((n) => n !== "8")) };
    expect(words(damaged)[0]).toBe("multiples of 4");
  });

  test("says when two rules agree on this chart only, and by which number they part", () => {
    const answers = searchRules(shade((n) => n % 10 === n / 11 && n < 100 && n > 9));
    const doubles = answers.map((answer) => [answerWords(answer), agreementWords(answer)]);
    expect(doubles[0]![1]).toBeNull();
    for (const answer of answers.filter(
      ({ agrees }) => agrees && !agrees.everywhere && agrees.differ !== null,
    )) {
      const at = Number((answer.agrees as { differ: string }).differ);
      const holds = ({ join, conditions }: Rule) => {
        const tests = conditions.map(wholeTestOf);
        return join === "and" ? tests.every((t) => t(at)) : tests.some((t) => t(at));
      };
      expect(holds(answer.rule)).not.toBe(holds(answers.find(isExact)!.rule));
    }
    const column = searchRules(shade((n) => n % 10 === 5));
    expect(column.map(answerWords)).toContain("numbers in column 5 of the chart");
    expect(column.map(agreementWords)).toContain(
      "The same only on this chart: it says where the numbers stand.",
    );
  });

  test("works on charts of decimals, of negative numbers, of one number, and on an empty one", () => {
    const tenths = Array.from({ length: 50 }, (_, i) => String((i + 1) / 10));
    const squares = { ...HUNDRED_SQUARES, first: "0.1", difference: "0.1", count: 50 };
    const halves = new Set(tenths.filter((n) => Number(n) % 0.5 === 0));
    expect(answerWords(searchRules({ numbers: tenths, shaded: halves, squares })[0]!)).toBe(
      "multiples of 0.5",
    );
    const third = new Set(tenths.filter((_, i) => i % 10 === 2));
    expect(answerWords(searchRules({ numbers: tenths, shaded: third, squares })[0]!)).toBe(
      "numbers in column 3 of the chart",
    );
    expect(words(shade((n) => n % 3 === 0, chart(-20, 10, 41)))[0]).toBe("multiples of 3");
    expect(words(shade(() => false))).toEqual([]);
    expect(words(shade(() => true))[0]).toBe("all numbers");
    expect(words(shade((n) => n === 1, chart(1, 1, 1)))[0]).toBe("all numbers");
  });

  test("can be given up at any moment", () => {
    const search = findRules(shade((n) => n % 7 === 0));
    for (let i = 0; i < 20; i += 1) expect(search.next().done).toBe(false);
    search.return([]);
    expect(search.next().done).toBe(true);
  });
});

describe("sets of places", () => {
  test("hold what they are made of", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 200 }), fc.array(fc.nat({ max: 199 })), (size, some) => {
        const places = [...new Set(some.filter((at) => at < size))].sort((a, b) => a - b);
        const bits = bitsOf(size, (at) => places.includes(at));
        expect([countBits(bits), placesIn(bits)]).toEqual([places.length, places]);
      }),
    );
  });

  /** All that a search gives, run to its end. */
  const endOf = <T>(search: Generator<void, T>): T => {
    for (;;) {
      const step = search.next();
      if (step.done) return step.value;
    }
  };
  const ground = groundOf(shade((n) => n % 7 === 0));
  const all = endOf(simplestOf(ground, offered(ground), Number.POSITIVE_INFINITY));

  test("of a condition are the numbers that a plain look finds, and its opposite holds the rest", () => {
    expect(all.length).toBeGreaterThan(200);
    for (const { condition, held } of all) {
      const meets = wholeTestOf(condition);
      expect(placesIn(held).map((at) => at + 1)).toEqual(
        numbersOf(HUNDRED_SQUARES).map(Number).filter(meets),
      );
    }
  });

  test("are left out only where neither they nor their opposite can be part of an answer", () => {
    const wanted = new Set(placesIn(ground.wanted));
    for (const max of [0, 3]) {
      const kept = new Set(
        distinct(endOf(candidatesOf(ground, offered(ground), max))).map(({ condition }) =>
          JSON.stringify(condition),
        ),
      );
      expect(kept.size).toBeLessThan(all.length);
      for (const { condition, held } of all) {
        const here = new Set(placesIn(held));
        const wrong = numbersOf(HUNDRED_SQUARES).filter((_, at) => here.has(at) !== wanted.has(at)).length;
        const holdsAll = [...wanted].every((at) => here.has(at));
        const holdsNoOther = [...here].every((at) => wanted.has(at));
        // It answers nearly, or narrows down what is wanted with "and", or is a part of it with "or".
        if (wrong <= max || holdsAll || holdsNoOther) expect(kept).toContain(JSON.stringify(condition));
      }
    }
  });

  test("every lattice has the rows and columns of its chart", () => {
    expect(CHARTS.map(latticeGrid).map(({ rows }) => rows)).toEqual([10, 6, 10]);
  });
});
