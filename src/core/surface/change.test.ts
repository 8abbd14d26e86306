import { describe, expect, test } from "vitest";
import { changeChart, type TypedChart } from "./change-chart";
import { changeLine, readList, type TypedLine } from "./change-line";
import { changeTimes } from "./change-times";
import { type ChartSettings, cellCount, gridOf, HUNDRED_CHART, lastNumber, plainChart } from "./chart";
import { plainLine } from "./line";
import { NEW_TIMES } from "./times-grid";

const chart = (typed: TypedChart, of: ChartSettings = HUNDRED_CHART) => {
  const change = changeChart(of, typed);
  if (!change.ok) return `${change.at}: ${change.message}`;
  const { columns, rows } = gridOf(change.value);
  return `${change.value.first} to ${lastNumber(change.value)}, ${columns} × ${rows}`;
};
const line = (typed: TypedLine, of = plainLine("4", "6", "1")) => {
  const change = changeLine(of, typed);
  return change.ok
    ? `${change.value.from} to ${change.value.to} in ${change.value.interval}`
    : `${change.at}: ${change.message}`;
};

describe("a chart as it is typed", () => {
  test.each([
    [{ columns: "5" }, "1 to 100, 5 × 20"],
    [{ columns: "7" }, "1 to 100, 7 × 15"],
    [{ columns: "20" }, "1 to 100, 20 × 5"],
    [{ last: "247", columns: "10" }, "1 to 247, 10 × 25"],
    [{ last: "1,000" }, "1 to 1000, 10 × 100"],
    [{ first: "1,001", last: "1,100" }, "1001 to 1100, 10 × 10"],
    [{ rows: "3" }, "1 to 30, 10 × 3"],
    [{ rows: "3", last: "95" }, "1 to 95, 10 × 10"],
    [{ last: "95", rows: "3" }, "1 to 30, 10 × 3"],
    [{ last: "1,0000" }, "last: Is 1,0000 meant as 10,000 or as 1.0000? Write it like that."],
    [{ first: "9", last: "5" }, "last: This chart begins at 9. Write a last number at or above it."],
    [{ columns: "31" }, "columns: Write a whole number from 1 to 30."],
  ])("%j: %s", (typed, made) => {
    expect(chart(typed)).toBe(made);
  });

  test("rows of another length keep the last number, back and forth", () => {
    let now: ChartSettings = plainChart("1", "1", 10, { by: "last", last: "95" });
    for (const columns of ["7", "30", "1", "10"]) {
      const change = changeChart(now, { columns });
      if (!change.ok) throw new Error(change.message);
      now = change.value;
      expect([lastNumber(now), cellCount(now)]).toEqual(["95", 95]);
    }
  });
});

describe("a line as it is typed", () => {
  test.each([
    [{ from: "7" }, "from: Put the smaller number first."],
    // Fields that are refused one by one may be valid together.
    [{ from: "7", to: "9" }, "7 to 9 in 1"],
    [
      { to: "100,000" },
      "to: That would be more than 10,000 ticks. Make the interval larger, or bring the ends closer.",
    ],
    [{ to: "100000", interval: "10,000" }, "4 to 100000 in 10000"],
    [{ interval: "½" }, "4 to 6 in 1/2"],
    [{ to: "1 1/2", from: "½" }, "1/2 to 1 1/2 in 1"],
    [{ from: "5", to: "seven" }, "to: Write a number, such as 7, −3, 0.2 or 3/4."],
  ])("%j: %s", (typed, made) => {
    expect(line(typed)).toBe(made);
  });

  test("several numbers in one field", () => {
    const list = (typed: string) => {
      const read = readList(typed);
      return read.ok ? read.value.join("|") : read.message;
    };
    expect(list("0 25 50")).toBe("0|25|50");
    expect(list("1,000; 1 500 ; 2 1/2")).toBe("1000|1500|2 1/2");
    expect(list("1/4 1/2")).toBe("1/4|1/2");
    expect(list("1 1/2 2")).toBe("Put semicolons between the numbers: 1 1/2; 2; 1,000.");
    expect(list("1 000")).toBe("Put semicolons between the numbers: 1 1/2; 2; 1,000.");
  });
});

test("the window of a times grid as it is typed", () => {
  const row = (typed: string) => {
    const change = changeTimes(NEW_TIMES, { row: typed });
    return change.ok ? change.value.row : change.message;
  };
  expect([row("1,000"), row("12"), row("0")]).toEqual([
    1000,
    12,
    "Write a whole number from 1 to 1,000,000.",
  ]);
});
