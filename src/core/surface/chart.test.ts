import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { exact, keyOf } from "../number/exact";
import * as z from "../zod";
import {
  ChartSettings,
  cellOf,
  chartNumbers,
  columnNumbers,
  gridOf,
  lastNumber,
  numberAt,
  plainChart,
  rowNumbers,
  writesFractions,
} from "./chart";
import { neighbourOf } from "./neighbours";
import { SIDES } from "./sides";
import { STARTING_CHARTS, startingChart } from "./starting-charts";

const ratio = (min: number, max: number) =>
  fc
    .tuple(fc.integer({ min, max }), fc.integer({ min: 1, max: 12 }))
    .map(([over, under]) => (over === 0 ? "0" : `${over}/${under}`));

/** Charts of every kind: any numbers, short last rows, across and down, down and up, one way and back and forth. */
const anyChart = fc
  .record({
    first: ratio(-5000, 5000),
    difference: ratio(-50, 50).filter((text) => text !== "0"),
    columns: fc.integer({ min: 1, max: 30 }),
    count: fc.integer({ min: 1, max: 1200 }),
    past: fc.integer({ min: 0, max: 9 }),
    rows: fc.option(fc.integer({ min: 1, max: 40 })),
    run: fc.constantFrom("across" as const, "down" as const),
    climb: fc.constantFrom("down" as const, "up" as const),
    reads: fc.constantFrom("one-way" as const, "back-and-forth" as const),
  })
  .map(({ count, past, rows, ...rest }) => {
    // A last number that the chart may fall short of by up to nine tenths of a difference.
    const reach = exact(rest.difference).mul(exact(count - 1).add(exact(past).div(10)));
    const last = exact(rest.first).add(reach).toFraction();
    const until = rows === null ? { by: "last" as const, last } : { by: "rows" as const, rows };
    return { chart: ChartSettings(z).parse({ kind: "chart", ...rest, until, covers: "solid" }), count };
  });

describe("a chart", () => {
  test("number to place and back is the identity, on every kind of chart", () => {
    fc.assert(
      fc.property(anyChart, fc.nat(), ({ chart }, seed) => {
        const numbers = chartNumbers(chart);
        const number = numbers[seed % numbers.length]!;
        const cell = cellOf(chart, number)!;
        const { columns, rows } = gridOf(chart);
        expect(numberAt(chart, cell)).toBe(number);
        expect(cell.row >= 0 && cell.row < rows && cell.column >= 0 && cell.column < columns).toBe(true);
      }),
    );
  });

  test("has as many numbers as its rows or its last number say, each at one place and no other", () => {
    fc.assert(
      fc.property(anyChart, ({ chart, count }) => {
        const numbers = chartNumbers(chart);
        expect(numbers).toHaveLength(chart.until.by === "rows" ? chart.columns * chart.until.rows : count);
        const { columns, rows } = gridOf(chart);
        const seen = Array.from({ length: rows }, (_, row) => rowNumbers(chart, row)).flat();
        expect(seen.toSorted()).toEqual(numbers.toSorted());
        const down = Array.from({ length: columns }, (_, column) => columnNumbers(chart, column)).flat();
        expect(down.toSorted()).toEqual(numbers.toSorted());
        expect(numbers.at(-1)).toBe(lastNumber(chart));
      }),
      { numRuns: 40 },
    );
  });

  test("neighbours in order stand side by side, except where a lane ends one way", () => {
    fc.assert(
      fc.property(anyChart, fc.nat(), ({ chart }, seed) => {
        const numbers = chartNumbers(chart);
        const at = seed % numbers.length;
        const [a, b] = [cellOf(chart, numbers[at]!)!, cellOf(chart, numbers[(at + 1) % numbers.length]!)!];
        if (at + 1 === numbers.length) return;
        const length = chart.run === "down" ? gridOf(chart).rows : gridOf(chart).columns;
        const laneEnds = (at + 1) % length === 0;
        const apart = Math.abs(a.row - b.row) + Math.abs(a.column - b.column);
        expect(apart === 1).toBe(!laneEnds || chart.reads === "back-and-forth" || length === 1);
      }),
    );
  });

  test("a number between two neighbours, before the first or after the last has no place", () => {
    fc.assert(
      fc.property(anyChart, ({ chart }) => {
        const [first, difference] = [exact(chart.first), exact(chart.difference)];
        expect(cellOf(chart, keyOf(first.add(difference.div(2))))).toBeNull();
        expect(cellOf(chart, keyOf(first.sub(difference)))).toBeNull();
        expect(cellOf(chart, keyOf(exact(lastNumber(chart)).add(difference)))).toBeNull();
      }),
    );
  });

  // Common practice, no source: along a row of a ten-wide chart one more, down a column ten more.
  test("a hundred chart goes up by one along a row and by ten down a column", () => {
    const chart = startingChart("1-100");
    expect(cellOf(chart, "48")).toEqual({ row: 4, column: 7 });
    expect(numberAt(chart, { row: 4, column: 8 })).toBe("49");
    expect(numberAt(chart, { row: 5, column: 7 })).toBe("58");
    expect(cellOf(chart, "0")).toBeNull();
    expect(cellOf(chart, "101")).toBeNull();
  });

  test("0 to 100 has a short last row; it stands right where rows go back and forth", () => {
    const chart = plainChart("0", "1", 10, { by: "last", last: "100" });
    expect([gridOf(chart), rowNumbers(chart, 10)]).toEqual([{ columns: 10, rows: 11 }, ["100"]]);
    expect(numberAt(chart, { row: 10, column: 1 })).toBeNull();
    const snake: ChartSettings = {
      ...plainChart("0", "1", 10, { by: "last", last: "92" }),
      reads: "back-and-forth",
    };
    expect([cellOf(snake, "90"), cellOf(snake, "92")]).toEqual([
      { row: 9, column: 9 },
      { row: 9, column: 7 },
    ]);
  });

  test("rows that climb up the page begin at its foot, and numbers that run down fill column after column", () => {
    const up: ChartSettings = { ...startingChart("1-100"), climb: "up" };
    expect([rowNumbers(up, 9)[0], rowNumbers(up, 0).at(-1)]).toEqual(["1", "100"]);
    const down: ChartSettings = { ...startingChart("1-24"), run: "down" };
    expect(columnNumbers(down, 1)).toEqual(["5", "6", "7", "8"]);
  });

  // Common practice, no source: the four neighbours on a hundred chart.
  test("names the neighbours of a number: one more or less, a row more or less", () => {
    const said = (chart: ChartSettings, number: string) =>
      SIDES.map((side) => neighbourOf(chart, number, side)).map(
        (beside) => beside && `${beside.words}: ${beside.number}`,
      );
    const chart = startingChart("1-100");
    expect(said(chart, "47")).toEqual(["1 less: 46", "1 more: 48", "10 less: 37", "10 more: 57"]);
    expect(said({ ...chart, climb: "up" }, "47")).toEqual([
      "1 less: 46",
      "1 more: 48",
      "10 more: 57",
      "10 less: 37",
    ]);
    expect(said(chart, "1")).toEqual([null, "1 more: 2", null, "10 more: 11"]);
    expect(said(startingChart("tenths"), "0.5")).toEqual([
      "0.1 less: 0.4",
      "0.1 more: 0.6",
      null,
      "1 more: 1.5",
    ]);
    expect(said(chart, "101")).toEqual([null, null, null, null]);
  });

  test("the starting charts are what their names say", () => {
    for (const { name, chart } of STARTING_CHARTS) {
      const named = /^(−?[\d,]+) to (−?[\d,]+)/.exec(name);
      const plain = (text: string | undefined) => text?.replace("−", "-").replace(",", "");
      if (named) expect([chart.first, lastNumber(chart)]).toEqual([plain(named[1]), plain(named[2])]);
      expect(ChartSettings(z).parse(chart)).toEqual(chart);
    }
    expect(startingChart("unheard of")).toBe(STARTING_CHARTS[0].chart);
  });

  test("keeps fractions as written and counts in them exactly", () => {
    const chart = ChartSettings(z).parse(plainChart("0", "1/4", 4, { by: "rows", rows: 2 }));
    expect(chart.difference).toBe("1/4");
    expect(chartNumbers(chart)).toEqual(["0", "0.25", "0.5", "0.75", "1", "1.25", "1.5", "1.75"]);
    const thirds = ChartSettings(z).parse(plainChart("0", "1/3", 4, { by: "rows", rows: 1 }));
    expect(chartNumbers(thirds)).toEqual(["0", "1/3", "2/3", "1"]);
    // What was set in fractions is written in them, and what was set in decimals is not.
    expect([chart, thirds, { ...chart, difference: "0.25" }].map(writesFractions)).toEqual([
      true,
      true,
      false,
    ]);
  });

  test.each([
    [{ difference: "0" }, /cannot go up in 0/],
    [{ until: { by: "rows", rows: 121 } }, /room for 1,200 numbers/],
    [{ until: { by: "last", last: "1201" } }, /this one can end at 1,200/],
    [{ until: { by: "last", last: "999999999999999" } }, /this one can end at 1,200/],
    [{ until: { by: "last", last: "0" } }, /begins at 1. Write a last number at or above it/],
    [{ difference: "-1", until: { by: "last", last: "5" } }, /Write a last number at or below it/],
    [{ columns: 31 }, /./],
    [{ until: { by: "rows", rows: 2.5 } }, /./],
    [{ first: "many" }, /Write a number, such as/],
  ])("refuses %o", (part, message) => {
    const checked = ChartSettings(z).safeParse({ ...startingChart("1-100"), ...part });
    expect(checked.error?.issues[0]?.message).toMatch(message);
  });
});
