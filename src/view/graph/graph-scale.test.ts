import { describe, expect, it } from "vitest";
import type { Graph } from "@/core/lesson/graph-of";
import type { NumberKey } from "@/core/number/exact";
import { graphScale, pointRadius, ticksOf } from "./graph-scale";

describe("the axes of a graph", () => {
  it("have the multiples of their step, wherever they begin", () => {
    expect(ticksOf({ min: 999_979, max: 999_985, step: 2 })).toEqual([999_980, 999_982, 999_984]);
    expect(ticksOf({ min: -8, max: 8, step: 4 })).toEqual([-8, -4, 0, 4, 8]);
    expect(ticksOf({ min: 12, max: 73, step: 10 })).toEqual([20, 30, 40, 50, 60, 70]);
    expect(ticksOf({ min: 1, max: 4, step: 5 })).toEqual([]);
    expect(ticksOf({ min: 0, max: 0.8, step: 0.1 })).toEqual([0, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8]);
  });

  it("are divided finer than in ones for a count in tenths, but positions are whole", () => {
    const points = ["0", "0.1", "0.2", "0.3"].map((number, i) => ({
      number: number as NumberKey,
      x: i + 1,
      y: Number(number),
      covered: false,
    }));
    const graph: Graph = {
      as: "points",
      series: [{ ink: "sea", points }],
      across: "Position",
      up: "Number",
      max: 0.3,
    };
    const { x, y } = graphScale(graph);
    expect(ticksOf(x)).toEqual([0, 1, 2, 3, 4, 5]);
    expect(ticksOf(y)).toEqual([0, 0.05, 0.1, 0.15, 0.2, 0.25, 0.3, 0.35]);
  });

  it("have points that do not run into each other, and can still be seen", () => {
    const size = { width: 1200, height: 500 };
    expect(pointRadius({ min: 0, max: 12, step: 1 }, size, 11)).toBe(11);
    expect(pointRadius({ min: 0, max: 60, step: 5 }, size, 11)).toBeCloseTo(8.4);
    expect(pointRadius({ min: 0, max: 201, step: 20 }, size, 11)).toBe(3.5);
  });
});
