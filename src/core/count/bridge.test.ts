import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { exact, keyOf } from "../number/exact";
import { MAX_WAY, toNext, WAYS, type Way, wayTo } from "./bridge";

const way = (start: string, target: string, how: Way) => wayTo(exact(start), exact(target), how)?.join(" ");
const whole = fc.integer({ min: -3000, max: 3000 });
const sum = (jumps: readonly string[]) => jumps.reduce((total, by) => total.add(exact(by)), exact(0));

describe("a way through friendly numbers", () => {
  // Bridging through tens and hundreds as the trade teaches it: common practice, no source.
  test.each([
    ["276", "500", "gathered", "4 20 200"],
    ["27", "70", "gathered", "3 40"],
    ["8", "15", "gathered", "2 5"],
    ["276", "532", "gathered", "4 20 200 30 2"],
    ["52", "17", "gathered", "-2 -30 -3"],
    ["-3", "4", "gathered", "3 4"],
    ["2.7", "5.2", "gathered", "0.3 2 0.2"],
    ["2/3", "3", "gathered", "1/3 2"],
    ["276", "300", "singles", "1 1 1 1 10 10"],
    ["45", "84", "over-and-back", "40 -1"],
    ["45", "75", "over-and-back", "30"],
    ["84", "45", "over-and-back", "-40 1"],
    ["0", "198", "over-and-back", "200 -2"],
    ["0", "99", "fewest", "100 -1"],
    ["0", "46", "fewest", "10 10 10 10 10 -1 -1 -1 -1"],
    ["0", "12", "fewest", "10 1 1"],
    ["27", "70", "one", "43"],
  ] as const)("from %s to %s, %s: %s", (start, target, how, jumps) => {
    expect(way(start, target, how)).toBe(jumps);
  });

  // A way in fractions goes by the parts of the line, to the next whole: common practice, no source.
  test.each([
    ["1/2", "3/4", 4, "gathered", "0.25"],
    ["3", "2 3/4", 4, "gathered", "-0.25"],
    ["3/4", "2 1/2", 4, "gathered", "0.25 1 0.5"],
    ["1/3", "2 2/3", 3, "gathered", "2/3 1 2/3"],
    ["0", "2 3/4", 4, "fewest", "1 1 1 -0.25"],
    ["0", "2 3/4", 4, "over-and-back", "3 -0.25"],
    ["1/4", "1", 4, "singles", "0.25 0.25 0.25"],
    ["0.2", "0.5", 4, "gathered", "0.3"],
  ] as const)("from %s to %s in parts of 1/%d, %s: %s", (start, target, parts, how, jumps) => {
    expect(wayTo(exact(start), exact(target), how, parts)?.join(" ")).toBe(jumps);
  });

  test("every way lands on its target", () => {
    const number = fc.tuple(fc.integer({ min: -9999, max: 9999 }), fc.constantFrom(1, 10, 100, 3, 4));
    fc.assert(
      fc.property(
        number,
        number,
        fc.constantFrom(...WAYS),
        fc.constantFrom(1, 3, 4, 12, 100),
        ([a, p], [b, q], how, parts) => {
          const [start, target] = [exact(a).div(p), exact(b).div(q)];
          const jumps = wayTo(start, target, how, parts);
          // Only a way in singles can need more jumps between such numbers than a trail can hold.
          if (jumps === null) expect(how).toBe("singles");
          else {
            expect(keyOf(start.add(sum(jumps)))).toBe(keyOf(target));
            expect(jumps.length).toBeLessThanOrEqual(MAX_WAY);
          }
        },
      ),
    );
  });

  test("a way of more jumps than there is room for is none, and never a part of one", () => {
    expect(wayTo(exact("1/999"), exact(1), "singles")).toBeNull();
    expect(wayTo(exact("1/501"), exact(1), "singles")).toHaveLength(500);
    expect(wayTo(exact("1/502"), exact(1), "singles")).toBeNull();
    expect(wayTo(exact("1/300"), exact("599/300"), "singles")).toBeNull();
    expect(wayTo(exact("1/999"), exact(1), "gathered")).toEqual(["998/999"]);
  });

  test("numbers that have hundreds of millions of parts in common are found to have no short way at once", () => {
    const [start, target] = [exact("1/999"), exact("99.999999")];
    for (const way of ["singles", "fewest"] as const) expect(wayTo(start, target, way)).toBeNull();
    for (const way of ["one", "gathered", "over-and-back"] as const)
      expect(keyOf(start.add(sum(wayTo(start, target, way)!)))).toBe("99.999999");
    expect(wayTo(exact(7), start, "fewest")).toEqual(["-10", "1", "1", "1", "1/999"]);
    expect(wayTo(exact(0), exact("998/999"), "fewest")).toEqual(["1", "-1/999"]);
  });

  test("every stop but the last is a benchmark of its place", () => {
    fc.assert(
      fc.property(whole, whole, (start, target) => {
        let at = start;
        for (const by of wayTo(exact(start), exact(target), "gathered")!.slice(0, -1)) {
          at += Number(by);
          expect(Math.abs(at % 10)).toBe(0);
          // A jump of tens stops at a ten or more, one of hundreds at a hundred.
          expect(Math.abs(at % 10 ** (String(Math.abs(Number(by))).match(/0*$/)?.[0].length ?? 0))).toBe(0);
        }
      }),
    );
  });

  test("gathered and in singles are the same way; no way of single places is shorter than the fewest", () => {
    fc.assert(
      fc.property(whole, whole, (start, target) => {
        const [from, to] = [exact(start), exact(target)];
        const singles = wayTo(from, to, "singles")!;
        expect(sum(singles).equals(to.sub(from))).toBe(true);
        expect(singles.every((by) => /^-?10*$/.test(by))).toBe(true);
        expect(wayTo(from, to, "fewest")!.length).toBeLessThanOrEqual(singles.length);
      }),
    );
  });

  test("the fewest jumps are as few as a search finds", () => {
    const found = new Map([[0, 0]]);
    for (let [edge, length] = [[0], 1]; edge.length > 0; length += 1) {
      edge = edge
        .flatMap((at) => [1, 10, 100, 1000].flatMap((by) => [at + by, at - by]))
        .filter((at) => {
          if (found.has(at) || Math.abs(at) > 1500) return false;
          found.set(at, length);
          return true;
        });
    }
    for (let number = 1; number <= 300; number += 1) {
      expect(wayTo(exact(0), exact(number), "fewest")).toHaveLength(found.get(number)!);
    }
  });

  test("how far to the next ten; the pairs that make ten", () => {
    for (let ones = 1; ones <= 9; ones += 1) {
      expect(keyOf(toNext(exact(40 + ones), exact(10)).by)).toBe(String(10 - ones));
    }
    expect(keyOf(toNext(exact(50), exact(10)).next)).toBe("60");
    expect(keyOf(toNext(exact(-3), exact(10)).by)).toBe("3");
  });
});
