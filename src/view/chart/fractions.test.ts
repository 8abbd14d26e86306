import { describe, expect, test } from "vitest";
import { plainChart } from "@/core/surface/chart";
import { layOutChart, textIn } from "./chart-layout";
import { faceShapes } from "./face-shapes";

describe("the numbers of one chart are written alike", () => {
  const written = (first: string, difference: string) => {
    const chart = plainChart(first, difference, 12, { by: "rows", rows: 1 });
    const layout = layOutChart(chart, { width: 900, height: 300 }, false);
    return layout.numbers.map((number) => textIn(layout, number!));
  };

  test("as fractions where it was set in them", () => {
    expect(written("0", "1/4").slice(1, 6)).toEqual(["1/4", "1/2", "3/4", "1", "1 1/4"]);
    expect(written("1/12", "1/12")).toEqual([
      "1/12",
      "1/6",
      "1/4",
      "1/3",
      "5/12",
      "1/2",
      "7/12",
      "2/3",
      "3/4",
      "5/6",
      "11/12",
      "1",
    ]);
  });

  test("as decimals where it was set in decimals", () => {
    expect(written("0.25", "0.25").slice(0, 5)).toEqual(["0.25", "0.5", "0.75", "1", "1.25"]);
  });
});

describe("a fraction in a square", () => {
  const chart = plainChart("0", "1/12", 12, { by: "rows", rows: 3 });
  const layout = layOutChart(chart, { width: 900, height: 300 }, false);
  const shapesAt = (index: number) =>
    faceShapes({ layout, x: 0, y: 0 }, layout.numbers[index]!, 0).map(({ tag, text }) => text ?? tag);

  test("has its two numbers one above the other: 1 1/12 is not read as 11/12", () => {
    expect(shapesAt(11)).toEqual(["path", "11", "12"]);
    expect(shapesAt(13)).toEqual(["path", "1", "1", "12"]);
    expect(shapesAt(24)).toEqual(["2"]);
  });

  test("stays within its square", () => {
    for (const number of layout.numbers)
      for (const { tag, attributes } of faceShapes({ layout, x: 0, y: 0 }, number!, 0)) {
        if (tag !== "text") continue;
        // Digits stand on their foot, and are about three quarters as high as their size.
        const [foot, high] = [Number(attributes.y), Number(attributes["font-size"]) * 0.75];
        expect(foot).toBeLessThan(layout.cellHeight);
        expect(foot - high).toBeGreaterThan(0);
      }
  });
});
