import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { labelsApart, type PointLabel } from "./graph-labels";

const TEXT = 20;
const digits = (position: number, x: number, y: number, many: number): PointLabel => ({
  position,
  x,
  y,
  width: many * 11,
});
/** The part of the width of two numbers, side by side, by which they overlap; 0 where they are apart. */
const overlap = (a: PointLabel, b: PointLabel, size: number) =>
  Math.abs(a.y - b.y) >= size
    ? 0
    : Math.max(0, ((a.width + b.width) / 2) * (size / TEXT) - Math.abs(a.x - b.x));

describe("the numbers beside the points of a graph", () => {
  it("are all written where there is room", () => {
    const all = [1, 2, 3].map((position) => digits(position, position * 50, 100, 2));
    expect(labelsApart(all, TEXT)).toEqual({ size: TEXT, written: all });
  });

  it("are smaller before any is left out: two fours side by side are not 44", () => {
    const fours = [1, 2].map((position) => digits(position, position * 15, 100, 1));
    const { size, written } = labelsApart(fours, TEXT);
    expect(written).toEqual(fours);
    expect(size).toBe(TEXT * 0.85);
  });

  it("are those of every fifth position, and the last, where all would be a blur", () => {
    const all = Array.from({ length: 46 }, (_, i) => digits(i + 1, (i + 1) * 14, 400 - i, 3));
    const { size, written } = labelsApart(all, TEXT);
    expect(size).toBe(TEXT);
    // 45 would run into the last one.
    expect(written.map(({ position }) => position)).toEqual([5, 10, 15, 20, 25, 30, 35, 40, 46]);
  });

  it("never run into each other, and the last is always among them", () => {
    const some = fc.array(fc.tuple(fc.integer({ min: 0, max: 300 }), fc.integer({ min: 1, max: 7 })), {
      minLength: 1,
      maxLength: 200,
    });
    fc.assert(
      fc.property(some, fc.integer({ min: 2, max: 60 }), (heights, apart) => {
        const all = heights.map(([y, many], i) => digits(i + 1, (i + 1) * apart, y, many));
        const { size, written } = labelsApart(all, TEXT);
        expect(written.at(-1)).toBe(all.at(-1));
        for (const [i, one] of written.entries())
          for (const other of written.slice(i + 1)) expect(overlap(one, other, size)).toBe(0);
      }),
      { numRuns: 300 },
    );
  });

  it("are none where no point is seen", () => {
    expect(labelsApart([], TEXT)).toEqual({ size: TEXT, written: [] });
  });
});
