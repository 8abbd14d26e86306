import fc from "fast-check";
import { expect, test } from "vitest";
import { layOutFrames, middleOfCell } from "./frames-layout";

test("frames lie in their room, none on another, and all their cells in them", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 10 }),
      fc.constantFrom("wide" as const, "tall" as const),
      fc.integer({ min: 240, max: 1800 }),
      fc.integer({ min: 140, max: 900 }),
      (count, shape, width, height) => {
        const layout = layOutFrames(count, shape, { width, height });
        const [w, h] = [layout.across * layout.cell, layout.down * layout.cell];
        for (const [i, a] of layout.frames.entries()) {
          expect(a.x).toBeGreaterThanOrEqual(-0.01);
          expect(a.y).toBeGreaterThanOrEqual(-0.01);
          expect(a.x + w).toBeLessThanOrEqual(width + 0.01);
          expect(a.y + h).toBeLessThanOrEqual(height + 0.01);
          for (const b of layout.frames.slice(i + 1))
            expect(Math.abs(a.x - b.x) >= w || Math.abs(a.y - b.y) >= h).toBe(true);
        }
        const middles = Array.from({ length: count * 10 }, (_, cell) => middleOfCell(layout, cell));
        expect(new Set(middles.map(({ x, y }) => `${Math.round(x)} ${Math.round(y)}`)).size).toBe(count * 10);
        const last = middles.at(-1)!;
        expect(last.x).toBeLessThan(layout.frames.at(-1)!.x + w);
        expect(last.y).toBeLessThan(layout.frames.at(-1)!.y + h);
      },
    ),
  );
});
