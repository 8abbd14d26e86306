import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { continuedFrom, MAX_TERMS, termWriter } from "./continued";

const ways = (...terms: number[]) =>
  continuedFrom(terms.map(String)).map(({ words, next }) => `${words}: ${next.join(", ")}`);

describe("how a sequence may go on", () => {
  test("2, 4, 8 has several honest answers", () => {
    expect(ways(2, 4, 8)).toEqual(
      expect.arrayContaining([
        "2 times the one before: 16, 32, 64",
        "the gaps grow by 2: 2 more, 4 more, …: 14, 22, 32",
        "2 more, then 4 more, in turn: 10, 14, 16",
      ]),
    );
    expect(ways(2, 4, 8)[0]).toBe("2 times the one before: 16, 32, 64");
  });

  test("in fractions where fractions were given", () => {
    const [first] = continuedFrom(["1/2", "1", "1 1/2"]);
    expect(first?.words).toBe("1/2 more each time");
    expect(first?.next.map(termWriter(["1/2", "1", "1 1/2"]))).toEqual(["2", "2 1/2", "3"]);
    expect(continuedFrom(["-1/2", "1", "-1/2", "1"]).map(({ words }) => words)).toContain(
      "over and over: −1/2, 1",
    );
  });

  test("one more number settles it", () => {
    expect(ways(2, 4, 8, 16)[0]).toMatch(/^2 times the one before: 32/);
    expect(ways(2, 4, 8, 14)[0]).toMatch(/^the gaps grow by 2: .*: 22/);
  });

  test.each([
    [[3, 6, 9, 12], "3 more each time: 15, 18, 21"],
    [[20, 17, 14], "3 less each time: 11, 8, 5"],
    [[80, 40, 20], "half of the one before each time: 10, 5, 2.5"],
    [[5, 5, 5], "always the same: 5, 5, 5"],
    [[1, 1, 2, 3, 5], "each the sum of the two before: 8, 13, 21"],
    [[2, 3, 5, 7, 11], "prime numbers, one after the other: 13, 17, 19"],
    [[1, 8, 27, 64], "cube numbers, one after the other: 125, 216, 343"],
    [[1, 4, 9, 16], "square numbers, one after the other: 25, 36, 49"],
    [[1, 3, 7, 15, 31], "2 times the one before and 1 more: 63, 127, 255"],
    [[1, 3, 4, 6, 7], "2 more, then 1 more, in turn: 9, 10, 12"],
    [[3, 6, 8, 16, 18], "2 times as much, then 2 more, in turn: 36, 38, 76"],
    [[7, 1, 4, 7, 1, 4], "over and over: 7, 1, 4: 7, 1, 4"],
    [[0.5, 1, 1.5], "0.5 more each time: 2, 2.5, 3"],
    [[20, 40, 60], "20 more each time: 80, 100, 120"],
    [[0.1, 0.2], "0.1 more each time: 0.3, 0.4, 0.5"],
    [[30, 20, 11, 3], "the gaps shrink by 1: 10 less, 9 less, 8 less, …: -4, -10, -15"],
    [[30, 29, 27, 24], "the gaps grow by 1: 1 less, 2 less, 3 less, …: 20, 15, 9"],
    [[20, 30, 50], "each the sum of the two before: 80, 130, 210"],
    [[1, 2, 6, 24], "2 times as much, then 3 times as much, then 4 times as much, …: 120, 720, 5040"],
  ])("%o", (terms, first) => expect(ways(...terms)[0]).toBe(first));

  test("no sequence is named that does not begin as the numbers do", () => {
    for (const terms of [
      [2, 4],
      [2, 3, 5, 7],
      [9, 18, 27, 36],
    ])
      expect(ways(...terms).filter((words) => words.includes("in the sequence"))).toEqual([]);
  });

  test("adding and doubling in turn", () => {
    expect(ways(3, 6, 12, 15, 30)).toContain("3 more, then 2 times as much, in turn: 33, 66, 69");
  });

  test("every way is true of the numbers that were given", () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -20, max: 60 }), { minLength: 2, maxLength: 6 }), (terms) => {
        for (const { words, next, bits } of continuedFrom(terms.map(String))) {
          expect(next).toHaveLength(3);
          expect(bits).toBeGreaterThan(0);
          // A rule found from all but the last number also predicts that last number, once enough numbers are known.
          const longer = continuedFrom([...terms.map(String), next[0]!]);
          if (terms.length >= 4 && longer.length > 0)
            expect(
              longer.some((way) => way.next[0] === next[1]),
              words,
            ).toBe(true);
        }
      }),
      { numRuns: 150 },
    );
  });

  test("too few numbers, and too many, have none", () => {
    expect(continuedFrom(["4"])).toEqual([]);
    expect(continuedFrom(Array.from({ length: MAX_TERMS + 1 }, (_, i) => String(i)))).toEqual([]);
  });
});
