import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { NEW_COUNT } from "../count/count-settings";
import { marksByHand } from "../scene/marks-by-hand";
import type { Act, Move } from "../scene/move";
import { plainChart } from "../surface/chart";
import { waitsBetween } from "../surface/pauses";
import { startingChart } from "../surface/starting-charts";
import * as z from "../zod";
import { Count } from "./count-settings";
import { slipWords, watchMarks } from "./watch";

const watch = (...marks: number[]) => watchMarks(marks.map(String));
const sixes = { by: "6", from: "0" };

describe("the watcher", () => {
  test("says nothing of a count that goes well, and nothing of too few marks", () => {
    expect([watch(), watch(6), watch(6, 12), watch(6, 12, 18), watch(6, 12, 18, 24)]).toEqual(
      Array(5).fill(null),
    );
    expect(watch(100, 90, 80, 70)).toBeNull();
  });

  test("tells a missed number as soon as it is passed over, and no longer once it is marked", () => {
    expect(watch(6, 12, 18, 30)).toEqual({ kind: "missed", numbers: ["24"] });
    expect(watch(6, 12, 18, 30, 36)).toEqual({ kind: "missed", numbers: ["24"] });
    expect(watch(6, 12, 18, 30, 36, 24)).toBeNull();
    expect(watchMarks(["6", "12", "24"], sixes)).toEqual({ kind: "missed", numbers: ["18"] });
    expect(watch(100, 90, 80, 60)).toEqual({ kind: "missed", numbers: ["70"] });
  });

  test("tells a number that does not belong", () => {
    expect(watch(6, 12, 18, 25)).toEqual({ kind: "stray", numbers: ["25"] });
    expect(watch(6, 12, 18, 25, 30, 36)).toEqual({ kind: "stray", numbers: ["25"] });
    expect(watchMarks(["6", "12", "19"], sixes)).toEqual({ kind: "stray", numbers: ["19"] });
    expect(watch(6, 13, 18, 24, 30)).toEqual({ kind: "stray", numbers: ["13"] });
  });

  test("marks out of order that end complete are no slip", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 0, max: 9 }),
        fc.shuffledSubarray([0, 1, 2, 3, 4, 5, 6, 7], { minLength: 8 }),
        (by, from, order) => {
          expect(watch(...order.map((i) => from + i * by))).toBeNull();
        },
      ),
    );
  });

  test("any one number left out of a count is told, whatever the count", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: -9, max: 9 }),
        fc.integer({ min: 6, max: 20 }),
        fc.nat(),
        fc.boolean(),
        (by, from, length, seed, back) => {
          const all = Array.from({ length }, (_, i) => from + i * by);
          const left = all[3 + (seed % (length - 4))]!;
          const marks = all.filter((number) => number !== left);
          const slip = watch(...(back ? marks.reverse() : marks));
          expect(slip).toEqual({ kind: "missed", numbers: [String(left)] });
        },
      ),
    );
  });

  test("is quiet about marks that are no count: rows coloured, places here and there", () => {
    expect(watch(11, 12, 13, 14, 15, 31, 32, 33, 34, 35)).toBeNull();
    expect(watch(3, 50, 77)).toBeNull();
    expect(watch(3, 50, 77, 12, 91)).toBeNull();
  });

  test("counts in decimals and fractions too", () => {
    expect(watchMarks(["0.1", "0.2", "0.3", "0.5"])).toEqual({ kind: "missed", numbers: ["0.4"] });
    expect(watchMarks(["1/3", "2/3", "1", "5/3"])).toEqual({ kind: "missed", numbers: ["4/3"] });
  });

  test("looks at the latest marks where there are very many", () => {
    const many = Array.from({ length: 1200 }, (_, i) => i + 1).filter((n) => n !== 1190);
    expect(watch(...many)).toEqual({ kind: "missed", numbers: ["1190"] });
  });

  test("is said in a few words", () => {
    const list = (numbers: readonly string[]) => numbers.join(" and ");
    expect(slipWords({ kind: "missed", numbers: ["18"] }, list)).toBe("18 was missed");
    expect(slipWords({ kind: "missed", numbers: ["18", "24"] }, list)).toBe("18 and 24 were missed");
    expect(slipWords({ kind: "stray", numbers: ["19"] }, list)).toBe("19 does not belong");
    expect(slipWords({ kind: "stray", numbers: ["19", "25"] }, list)).toBe("19 and 25 do not belong");
  });
});

describe("what hands have marked", () => {
  const mark = (numbers: string[], ink: "sun" | "sea" = "sun"): Move => ({ do: "mark", ink, numbers });
  const acts = (...moves: Move[]): Act[] => moves.map((move) => [[move]]);

  test("in one ink, in order, without what was unmarked, cleared or marked by rule", () => {
    const done = acts(
      mark(["6"]),
      mark(["7"], "sea"),
      mark(["12", "13"]),
      { do: "unmark", ink: "sun", numbers: ["13"] },
      { do: "mark", ink: "sun", numbers: { join: "and", conditions: [{ kind: "odd", not: false }] } },
    );
    expect(marksByHand(done, "sun")).toEqual(["6", "12"]);
    expect(marksByHand([...done, ...acts({ do: "clear-marks", ink: null }, mark(["1"]))], "sun")).toEqual([
      "1",
    ]);
    expect(marksByHand([...done, ...acts({ do: "clear-marks", ink: "sea" })], "sun")).toHaveLength(2);
  });
});

describe("where a count waits", () => {
  const chart = startingChart("1-100");

  // Common practice, no source: slow down before 30, 100 and the end of the row.
  test("before a new ten, a new hundred, a new row; forwards and back", () => {
    const ten = (from: string, to: string) => waitsBetween(from, to, ["ten"], chart);
    expect([ten("28", "29"), ten("29", "30"), ten("30", "31"), ten("30", "29"), ten("-1", "0")]).toEqual([
      false,
      true,
      false,
      true,
      true,
    ]);
    expect(waitsBetween("96", "102", ["hundred"], chart)).toBe(true);
    expect(waitsBetween("86", "92", ["hundred"], chart)).toBe(false);
    expect(waitsBetween("10", "11", ["row"], chart)).toBe(true);
    expect(waitsBetween("9", "10", ["row"], chart)).toBe(false);
    expect(waitsBetween("5", "6", ["row"], plainChart("1", "1", 5, { by: "rows", rows: 4 }))).toBe(true);
    expect(waitsBetween("10", "11", ["row"], undefined)).toBe(false);
    expect(waitsBetween("10", "11", [], chart)).toBe(false);
  });

  test("are read from a lesson, each once at most", () => {
    expect(Count(z).safeParse({ ...NEW_COUNT, pauses: ["ten", "row"] }).success).toBe(true);
    expect(Count(z).safeParse({ ...NEW_COUNT, pauses: ["noon"] }).success).toBe(false);
  });
});
