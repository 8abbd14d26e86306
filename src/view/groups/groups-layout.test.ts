import fc from "fast-check";
import { expect, test } from "vitest";
import { ARRANGED } from "@/core/scene/slices/grouping";
import { layOutGroups } from "./groups-layout";

test("all counters stand in their room, and none on another", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 30 }),
      fc.integer({ min: 1, max: 60 }),
      fc.constantFrom(...ARRANGED),
      fc.integer({ min: 300, max: 1800 }),
      fc.integer({ min: 120, max: 900 }),
      fc.boolean(),
      (some, each, as, width, height, told) => {
        const groups = Math.min(some, Math.floor(120 / each));
        const { radius, counters, boxes } = layOutGroups(groups, each, as, { width, height }, { told });
        expect(counters).toHaveLength(groups * each);
        for (const [i, a] of counters.entries()) {
          expect(a.x - radius).toBeGreaterThanOrEqual(-0.01);
          expect(a.x + radius).toBeLessThanOrEqual(width + 0.01);
          expect(a.y - radius).toBeGreaterThanOrEqual(-0.01);
          expect(a.y + radius).toBeLessThanOrEqual(height + 0.01);
          const b = counters[i + 1];
          if (b) expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThanOrEqual(2 * radius - 0.01);
          const box = boxes[Math.floor(i / each)];
          if (box) expect(a.x > box.x && a.x < box.x + box.width).toBe(true);
        }
      },
    ),
  );
});

test("an array of n rows of k, turned, is k rows of n", () => {
  const room = { width: 900, height: 500 };
  const sides = (as: "rows" | "columns") => {
    const { counters } = layOutGroups(3, 7, as, room);
    const count = (side: "x" | "y") => new Set(counters.map((at) => Math.round(at[side]))).size;
    return { across: count("x"), down: count("y") };
  };
  expect(sides("rows")).toEqual({ across: 7, down: 3 });
  expect(sides("columns")).toEqual({ across: 3, down: 7 });
});
