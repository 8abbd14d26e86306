import { describe, expect, test } from "vitest";
import { readProblem } from "@/core/count/problem";
import { grown } from "../drawing";
import { layOutProblem } from "./problem-figure";
import { layOutProblems } from "./problems-layout";

const EIGHT = [
  "1250+375=?",
  "3/4+1/2=?",
  "100−?=37",
  "?×6=54",
  "1000−999=?",
  "56÷8=?",
  "9+?=15",
  "−3+7=?",
].map((text) => {
  const read = readProblem(text);
  return read.ok ? read.problem : null;
});

/** The rooms of a board at 1280 × 800, 1024 × 768, 820 × 1180, 1920 × 1080 and 3840 × 2160. */
const ROOMS = [
  { width: 1240, height: 590, screen: 800 },
  { width: 990, height: 580, screen: 768 },
  { width: 780, height: 930, screen: 1180 },
  { width: 1880, height: 850, screen: 1080 },
  { width: 3760, height: 1750, screen: 2160 },
];

describe("problems that share a room", () => {
  test.each(ROOMS)("each have room for their line at $screen", ({ screen, ...size }) => {
    for (const strong of [false, true])
      for (let count = 1; count <= 8; count += 1) {
        const theme = { strong, screen };
        const { columns, height, line, sentences } = layOutProblems(EIGHT.slice(0, count), size, theme);
        // All of them are there without a scroll.
        const rows = Math.ceil(count / columns);
        expect(rows * height + (rows - 1) * 12).toBeLessThanOrEqual(size.height + 1);
        expect(line.height).toBeGreaterThanOrEqual(grown(theme, 92) - 1);
        expect(Math.min(...sentences)).toBeGreaterThanOrEqual(18);
      }
  });

  test.each(ROOMS)("no number of a line is cut off at its foot at $screen", ({ screen, ...size }) => {
    for (const strong of [false, true])
      for (let count = 1; count <= 8; count += 1) {
        const theme = { strong, screen };
        const { line } = layOutProblems(EIGHT.slice(0, count), size, theme);
        for (const problem of EIGHT.slice(0, count)) {
          const { layout, grow } = layOutProblem(problem!, undefined, line, theme);
          const foot = Math.max(...layout.labels.map(({ y, height }) => y + height / 2));
          expect(foot * grow).toBeLessThanOrEqual(line.height + 1);
        }
      }
  });

  test("stand in two columns on an upright screen only where one would be too low for their lines", () => {
    const [upright] = [{ width: 780, height: 930 }];
    const columnsOf = (count: number) =>
      layOutProblems(EIGHT.slice(0, count), upright!, { strong: false, screen: 1180 }).columns;
    expect([1, 2, 3, 4, 5, 6].map(columnsOf)).toEqual([1, 1, 1, 1, 2, 2]);
  });
});
