import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { exact, keyOf } from "../number/exact";
import { ChartSettings, chartNumbers, lastNumber, numberAt, placeOf } from "./chart";
import { STARTING_CHARTS, startingChart } from "./starting-charts";

const anyChart = fc
  .record({
    first: fc.tuple(fc.integer({ min: -5000, max: 5000 }), fc.integer({ min: 1, max: 12 })),
    difference: fc.tuple(
      fc.integer({ min: -50, max: 50 }).filter((n) => n !== 0),
      fc.integer({ min: 1, max: 12 }),
    ),
    columns: fc.integer({ min: 1, max: 30 }),
    rows: fc.integer({ min: 1, max: 40 }),
  })
  .map(({ first, difference, columns, rows }) =>
    ChartSettings.parse({
      kind: "chart",
      first: `${first[0]}/${first[1]}`.replace("-0/", "0/"),
      difference: `${difference[0]}/${difference[1]}`,
      columns,
      rows,
    }),
  );

describe("a chart", () => {
  test("number to place and back is the identity, on every chart", () => {
    fc.assert(
      fc.property(anyChart, fc.nat(), (chart, seed) => {
        const index = seed % (chart.columns * chart.rows);
        const place = { row: Math.floor(index / chart.columns), column: index % chart.columns };
        expect(placeOf(chart, numberAt(chart, place))).toEqual(place);
      }),
    );
  });

  test("a number between two neighbours, before the first or after the last has no place", () => {
    fc.assert(
      fc.property(anyChart, (chart) => {
        const difference = exact(chart.difference);
        const first = exact(chart.first);
        expect(placeOf(chart, keyOf(first.add(difference.div(2))))).toBeNull();
        expect(placeOf(chart, keyOf(first.sub(difference)))).toBeNull();
        expect(placeOf(chart, keyOf(exact(lastNumber(chart)).add(difference)))).toBeNull();
      }),
    );
  });

  test("all its numbers are different, and each is where it says", () => {
    fc.assert(
      fc.property(anyChart, (chart) => {
        const numbers = chartNumbers(chart);
        expect(new Set(numbers).size).toBe(chart.columns * chart.rows);
        expect(numbers.at(-1)).toBe(lastNumber(chart));
      }),
      { numRuns: 20 },
    );
  });

  // Common practice, no source: along a row of a ten-wide chart one more, down a column ten more.
  test("a hundred chart goes up by one along a row and by ten down a column", () => {
    const chart = startingChart("1-100");
    expect(placeOf(chart, "48")).toEqual({ row: 4, column: 7 });
    expect(numberAt(chart, { row: 4, column: 8 })).toBe("49");
    expect(numberAt(chart, { row: 5, column: 7 })).toBe("58");
    expect(placeOf(chart, "0")).toBeNull();
    expect(placeOf(chart, "101")).toBeNull();
  });

  test("the starting charts are what their names say", () => {
    for (const { name, chart } of STARTING_CHARTS) {
      const [first, last] = name.split(" to ");
      expect([chart.first, lastNumber(chart)]).toEqual([first, last]);
      expect(ChartSettings.parse(chart)).toEqual(chart);
    }
    expect(startingChart("unheard of")).toBe(STARTING_CHARTS[0].chart);
  });

  test("keeps fractions as written and counts in them exactly", () => {
    const chart = ChartSettings.parse({ kind: "chart", first: "0", difference: "1/4", columns: 4, rows: 2 });
    expect(chart.difference).toBe("1/4");
    expect(chartNumbers(chart)).toEqual(["0", "0.25", "0.5", "0.75", "1", "1.25", "1.5", "1.75"]);
    const thirds = ChartSettings.parse({ kind: "chart", first: "0", difference: "1/3", columns: 4, rows: 1 });
    expect(chartNumbers(thirds)).toEqual(["0", "1/3", "2/3", "1"]);
  });

  test.each([
    [{ difference: "0" }, /cannot go up in 0/],
    [{ rows: 121 }, /room for 1,200 numbers/],
    [{ columns: 31 }, /./],
    [{ rows: 2.5 }, /./],
    [{ first: "many" }, /Write a number, such as/],
  ])("refuses %o", (part, message) => {
    const checked = ChartSettings.safeParse({ ...startingChart("1-100"), ...part });
    expect(checked.error?.issues[0]?.message).toMatch(message);
  });
});
