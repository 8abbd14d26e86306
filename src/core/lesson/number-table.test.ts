import fc from "fast-check";
import Papa from "papaparse";
import { describe, expect, test } from "vitest";
import { fold } from "../scene/fold";
import { EMPTY_SCENE } from "../scene/scene";
import { HUNDRED_CHART } from "../surface/chart";
import { startingChart } from "../surface/starting-charts";
import { KINDS } from "../views/kinds";
import type { View } from "../views/view";
import {
  chartOfTable,
  movesOfTable,
  readTable,
  tableOfText,
  tableOfTrail,
  tableOfView,
} from "./number-table";

const view = (settings: object, id = "chart"): View => ({ ...settings, id }) as View;
const scene = fold(EMPTY_SCENE, [
  { do: "mark", ink: "sun", numbers: ["6", "12"] },
  { do: "mark", ink: "sea", numbers: ["12"] },
  { do: "cover", numbers: ["18"] },
  { do: "start", number: "0" },
  { do: "jump", by: "6" },
  { do: "jump", by: "6" },
]);

describe("the numbers of a board as a table", () => {
  test("those of a chart stand with their places, marks and covers", () => {
    const table = tableOfView(view(HUNDRED_CHART), scene);
    expect(table).toHaveLength(101);
    expect(table[0]).toEqual(["number", "row", "column", "marks", "covered"]);
    expect(table[12]).toEqual(["12", "2", "2", "sun sea", "no"]);
    expect(table[18]).toEqual(["18", "2", "8", "", "yes"]);
  });

  test("those of a times grid with row and column, those of a trail with their jumps", () => {
    const times = tableOfView(view(KINDS.times.starts, "times"), EMPTY_SCENE);
    expect(times.find(([, row, column]) => row === "3" && column === "8")).toEqual([
      "24",
      "3",
      "8",
      "",
      "no",
    ]);
    expect(tableOfTrail(scene)).toEqual([
      ["jump", "by", "number", "marks", "covered"],
      ["0", "", "0", "", "no"],
      ["1", "6", "6", "sun", "no"],
      ["2", "6", "12", "sun sea", "no"],
    ]);
    expect(tableOfTrail(EMPTY_SCENE)).toHaveLength(1);
  });

  test("read again it lays the same marks and covers", () => {
    const moves = movesOfTable(readTable(tableOfView(view(HUNDRED_CHART), scene)), null);
    expect(tableOfView(view(HUNDRED_CHART), fold(EMPTY_SCENE, moves))).toEqual(
      tableOfView(view(HUNDRED_CHART), scene),
    );
  });
});

describe("a table of numbers", () => {
  const parse = (text: string) => Papa.parse<string[]>(text).data;
  const numbersOf = (...rows: string[][]) => readTable(rows).numbers.map(({ number }) => number);

  test("is a column, with or without a head, or the column named number", () => {
    expect(numbersOf(["6"], ["12"], [""], ["1,000"], ["½"])).toEqual(["6", "12", "1000", "0.5"]);
    expect(numbersOf(["posts"], ["6"], ["12"])).toEqual(["6", "12"]);
    expect(numbersOf(["lamp", "6"], ["crate", "12"])).toEqual(["6", "12"]);
    expect(numbersOf(["row", "Number "], ["1", "6"], ["2", "12"])).toEqual(["6", "12"]);
    expect(readTable([])).toEqual({ numbers: [], fractions: false, wrong: [] });
  });

  test.each([
    // As people type them.
    ["6, 12, 18, 24", "6 12 18 24"],
    ["6,12,18", "6 12 18"],
    ["6 12 18", "6 12 18"],
    ["6, 12 and 18", "6 12 18"],
    ["6\n12\n\n18\n", "6 12 18"],
    ["−3\n-2\n1/2, 1 1/2, ½", "-3 -2 0.5 1.5 0.5"],
    // A comma that belongs to a number.
    ["1,000\n2,000\n3,000", "1000 2000 3000"],
    ["1,000, 2,000, 950", "1000 2000 950"],
    ["1 000\n2 000", "1000 2000"],
    ["0,5\n1,0\n1,5", "0.5 1 1.5"],
    ['"1,000"\n"2,000"', "1000 2000"],
    // As spreadsheets copy and save them.
    ["6\t12\t18\n24\t30\t36", "6 12 18 24 30 36"],
    ["6;12;18", "6 12 18"],
    ["post,6\npost,12", "6 12"],
    ["Post,Lamp\n1,6\n2,12", "1 2"],
    ["jump,by,number\n0,,0\n1,6,6", "0 6"],
    ["3,6,9,\n12,15,18", "3 6 9 12 15 18"],
  ])("is read from text: %j", (text, numbers) => {
    const read = readTable(tableOfText(text, parse));
    expect(read.wrong).toEqual([]);
    expect(read.numbers.map(({ number }) => number).join(" ")).toBe(numbers);
  });

  test("asks where a comma or a space may part two numbers or groups of digits", () => {
    for (const text of ["100,200,300", "1,234,567", "1,2345", "100 200 300", "12 000 15 000"]) {
      const { numbers, wrong } = readTable(tableOfText(text, parse));
      expect(numbers).toEqual([]);
      expect(wrong).toEqual([{ line: 1, text, asks: expect.stringMatching(/^(Is|How is) /) }]);
    }
  });

  test("names the lines that hold no number, a few of them", () => {
    const read = readTable([["6"], ["lamp"], ["12"], ...Array.from({ length: 20 }, () => ["gull"])]);
    expect(read.numbers).toHaveLength(2);
    expect(read.wrong).toHaveLength(5);
    expect(read.wrong[0]).toEqual({ line: 2, text: "lamp" });
  });

  test("is marked in an ink, unless it names its own", () => {
    expect(movesOfTable(readTable([["6"], ["12"], ["6"]]), "kelp")).toEqual([
      { do: "mark", ink: "kelp", numbers: ["6", "12"] },
    ]);
    const own = readTable([
      ["number", "marks", "covered"],
      ["6", "sun; plum", "no"],
      ["12", "", "yes"],
    ]);
    expect(movesOfTable(own, "kelp")).toEqual([
      { do: "mark", ink: "sun", numbers: ["6"] },
      { do: "mark", ink: "plum", numbers: ["6"] },
      { do: "cover", numbers: ["12"] },
    ]);
  });

  test("is a chart where it goes up or down in equal parts", () => {
    const chart = (...numbers: string[]) => chartOfTable(readTable(numbers.map((number) => [number])));
    expect(chart("6", "12", "18")).toMatchObject({
      first: "6",
      difference: "6",
      columns: 3,
      until: { by: "last", last: "18" },
    });
    expect(chart("1", "0.75", "1/2")).toMatchObject({
      first: "1",
      difference: "-0.25",
      until: { by: "last", last: "0.5" },
    });
    expect(chart("1/4", "1/2", "3/4", "1")).toMatchObject({ first: "1/4", difference: "1/4" });
    expect(chart("1 1/2", "2", "2 1/2")).toMatchObject({ first: "1 1/2", difference: "1/2" });
    expect(chart("1", "2", "4")).toBeNull();
    expect(chart("5", "5")).toBeNull();
    expect(chart("5")).toBeNull();
  });

  test("holds the numbers that were put in, whatever they are", () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -1e9, max: 1e9 }), { minLength: 1, maxLength: 40 }),
        (numbers) => {
          expect(numbersOf(...numbers.map((number) => [String(number)]))).toEqual(numbers.map(String));
        },
      ),
    );
    expect(startingChart("1-100")).toEqual(HUNDRED_CHART);
  });
});
