import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { fold } from "../scene/fold";
import { EMPTY_SCENE } from "../scene/scene";
import { type ChartSettings, cellOf, chartNumbers, plainChart } from "../surface/chart";
import { STARTING_CHARTS, startingChart } from "../surface/starting-charts";
import { nextOfCount } from "./count";
import { type Count, NEW_COUNT } from "./count-settings";
import { countEnters, newCountFor } from "./count-start";

/** The first numbers that a count over a chart says. */
function said(chart: ChartSettings, count: Count, max = 3): string[] {
  const holds = (number: string) => cellOf(chart, number) !== null;
  const all: string[] = [];
  let scene = EMPTY_SCENE;
  while (all.length < max) {
    const next = nextOfCount(scene.trail, count, holds);
    if (!next) break;
    scene = fold(scene, next.moves);
    all.push(next.number);
  }
  return all;
}

describe("a count that begins outside a board", () => {
  const at = (chart: ChartSettings, count: Partial<Count>) =>
    countEnters({ ...NEW_COUNT, ...count }, chartNumbers(chart));

  test("comes to its first number on the board", () => {
    const around200 = plainChart("181", "1", 10, { by: "last", last: "220" });
    expect(at(around200, { by: "2" })).toBe("182");
    expect(at(around200, { by: "7" })).toBe("182");
    expect(at(around200, { by: "25" })).toBe("200");
    expect(at(around200, { by: "10", from: "3" })).toBe("183");
    expect(at(around200, { by: "10", from: "300", way: "back" })).toBe("220");
    expect(at(around200, { by: "9", from: "301", way: "back" })).toBe("220");
  });

  test("that never comes there begins at the board's end", () => {
    expect(at(startingChart("101-200"), { by: "300" })).toBe("101");
    expect(at(startingChart("101-200"), { by: "300", way: "back" })).toBe("200");
    expect(at(startingChart("0-1000"), { by: "1/3", from: "1/7" })).toBe("0");
    expect(countEnters(NEW_COUNT, [])).toBeNull();
  });
});

describe("the count of a new board", () => {
  test("goes over its numbers", () => {
    const first = STARTING_CHARTS.map(({ id, chart }) => [
      id,
      said(chart, newCountFor(chartNumbers(chart))).join(" "),
    ]);
    expect(Object.fromEntries(first)).toEqual({
      "1-100": "2 4 6",
      "0-99": "0 2 4",
      "1-120": "2 4 6",
      "1-24": "2 4 6",
      "1-50": "2 4 6",
      "101-200": "102 104 106",
      "0-1000": "0 10 20",
      "-50-49": "0 2 4",
      tenths: "0.1 0.2 0.3",
      blank: "2 4 6",
    });
  });

  test("is of the chart's numbers, whichever way they run and its rows go", () => {
    const plain = startingChart("101-200");
    for (const chart of [
      { ...plain, run: "down" as const },
      { ...plain, climb: "up" as const },
      { ...plain, reads: "back-and-forth" as const },
    ])
      expect(said(chart, newCountFor(chartNumbers(chart)))).toEqual(["102", "104", "106"]);
  });

  test("goes back over numbers that go down", () => {
    const down = plainChart("100", "-1", 10, { by: "rows", rows: 10 });
    expect(said(down, newCountFor(chartNumbers(down)))).toEqual(["100", "98", "96"]);
    const past = plainChart("0", "-3", 6, { by: "rows", rows: 4 });
    expect(said(past, newCountFor(chartNumbers(past)))).toEqual(["0", "-3", "-6"]);
  });

  test("of numbers that end soon after 0, or below it, is of their even ones", () => {
    for (const [first, numbers] of [
      ["-22", ["-22", "-20", "-18"]],
      ["-45", ["-44", "-42", "-40"]],
    ] as const) {
      const chart = plainChart(first, "1", 6, { by: "rows", rows: 4 });
      expect(said(chart, newCountFor(chartNumbers(chart)))).toEqual(numbers);
    }
  });

  test("can begin and goes on, whatever the chart's first number and its difference", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -999, max: 999 }),
        fc.constantFrom("1", "2", "5", "10", "0.1", "1/4", "-1", "-3"),
        (first, difference) => {
          const chart = plainChart(String(first), difference, 6, { by: "rows", rows: 4 });
          expect(said(chart, newCountFor(chartNumbers(chart)))).toHaveLength(3);
        },
      ),
      { numRuns: 400 },
    );
  });
});
