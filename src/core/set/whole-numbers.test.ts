import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { anyRule } from "../../../tests/support/any-move";
import { exact } from "../number/exact";
import { type Condition, kindOf, testOf, wholeTestOf } from "./rule";
import { HUNDRED_SQUARES } from "./squares";

const wholes = (to: number) => Array.from({ length: to + 1 }, (_, n) => n);
const numbers = wholes(120).map((i) => i - 10);

describe("a condition that is asked about whole numbers in a quicker way", () => {
  test("asks of a whole number what it asks of any", () => {
    fc.assert(
      fc.property(anyRule, ({ conditions }) => {
        for (const condition of conditions.filter((each) => kindOf(each).asks === "number")) {
          const [quick, slow] = [wholeTestOf(condition), testOf(condition)];
          for (const number of numbers) expect(quick(number)).toBe(slow(exact(number), 0));
        }
      }),
      { numRuns: 400 },
    );
  });

  test("lists all its whole numbers, where it lists them", () => {
    fc.assert(
      fc.property(anyRule, ({ conditions }) => {
        for (const condition of conditions) {
          const listed = kindOf(condition).few?.(condition);
          if (!listed) continue;
          const meets = wholeTestOf({ ...condition, not: false });
          expect([...new Set(listed)].sort((a, b) => a - b)).toEqual(numbers.filter(meets));
        }
      }),
      { numRuns: 400 },
    );
    // A chart that climbs, is read back and forth, and whose last row is short.
    const on = {
      ...HUNDRED_SQUARES,
      first: "-3",
      columns: 7,
      count: 37,
      climb: "up",
      reads: "back-and-forth",
    } as const;
    const about: readonly Condition[] = [
      ...wholes(7).flatMap((i) => [
        { kind: "lane", not: false, lane: "row", nth: `${i + 1}`, on } as const,
        { kind: "lane", not: false, lane: "column", nth: `${i + 1}`, on } as const,
      ]),
      ...wholes(36).flatMap((i) => [
        { kind: "slope", not: false, way: "left", through: `${i - 3}`, on } as const,
        { kind: "slope", not: false, way: "right", through: `${i - 3}`, on } as const,
      ]),
      { kind: "edge", not: false, edge: "border", on },
      { kind: "edge", not: false, edge: "corners", on },
    ];
    for (const condition of about)
      expect([...new Set(kindOf(condition).few?.(condition))].sort((a, b) => a - b)).toEqual(
        numbers.filter(wholeTestOf(condition)),
      );
  });

  test("has the same bounds for whole numbers as for any", () => {
    const bounds = ["-2.5", "-2", "0", "1/3", "7", "7.25"];
    for (const from of bounds)
      for (const to of bounds) {
        const about: readonly Condition[] = [
          { kind: "between", not: false, from, to },
          { kind: "less", not: false, than: to },
          { kind: "more", not: false, than: from },
          { kind: "multiples", not: false, of: "1", from, to },
        ];
        for (const condition of about)
          expect(numbers.filter(wholeTestOf(condition))).toEqual(
            numbers.filter((number) => testOf(condition)(exact(number), 0)),
          );
      }
  });
});
