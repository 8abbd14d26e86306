import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { fillRegion, LINE, sizeInRegion, type Word } from "./fill-region";
import { layOutOvals, type Oval } from "./ovals";

const rooms = fc.record({
  width: fc.integer({ min: 120, max: 1900 }),
  height: fc.integer({ min: 120, max: 1000 }),
});
/** The equation of an ellipse: less than 1 inside it. */
const within = ({ x, y, rx, ry }: Oval, at: readonly [number, number]) =>
  ((at[0] - x) / rx) ** 2 + ((at[1] - y) / ry) ** 2;
const numbers = (count: number): Word[] =>
  Array.from({ length: count }, (_, i) => ({ text: `${i}`, wide: `${i}`.length * 0.62 }));

describe("sets drawn as ovals", () => {
  it("stand in their room, whatever its shape, and overlap in every way", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 3 }), rooms, (sets, room) => {
        const { size, ovals } = layOutOvals(sets, room, 10);
        expect(ovals).toHaveLength(sets);
        expect(size.width).toBeLessThanOrEqual(room.width + 0.01);
        expect(size.height).toBeLessThanOrEqual(room.height + 0.01);
        const found = new Set<number>();
        for (let x = 0; x < 60; x += 1)
          for (let y = 0; y < 60; y += 1) {
            const at = [(x / 60) * size.width, (y / 60) * size.height] as const;
            found.add(ovals.reduce((bits, oval, i) => bits | (within(oval, at) < 1 ? 1 << i : 0), 0));
          }
        expect(found.size).toBe(2 ** sets);
      }),
      { numRuns: 60 },
    );
  });

  it("stand below each other where that makes them clearly larger", () => {
    const [first, second] = layOutOvals(2, { width: 280, height: 600 }, 10).ovals;
    expect([first!.x, first!.y < second!.y]).toEqual([second!.x, true]);
    const [left, right] = layOutOvals(2, { width: 600, height: 560 }, 10).ovals;
    expect([left!.y, left!.x < right!.x]).toEqual([right!.y, true]);
  });
});

describe("numbers in a region of some sets", () => {
  it("stand in order, each once, inside these sets and outside the others", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 3 }),
        fc.nat(6),
        rooms,
        fc.integer({ min: 1, max: 40 }),
        fc.integer({ min: 9, max: 30 }),
        (sets, region, room, count, size) => {
          const { ovals } = layOutOvals(sets, room, 10);
          const bits = (region % (2 ** sets - 1)) + 1;
          const rows = fillRegion(ovals, bits, numbers(count), size);
          if (rows === null) return;
          expect(rows.flatMap(({ words }) => words)).toEqual(Array.from({ length: count }, (_, i) => i));
          for (const [n, { left, top, width }] of rows.entries()) {
            if (n > 0) expect(top - rows[n - 1]!.top).toBeGreaterThan(size * LINE - 0.01);
            for (const x of [left, left + width])
              for (const y of [top, top + (size * LINE) / 2, top + size * LINE])
                for (const [i, oval] of ovals.entries())
                  expect(within(oval, [x, y]) < 1, `${x}, ${y} in set ${i}`).toBe((bits & (1 << i)) !== 0);
          }
        },
      ),
    );
  });

  it("are as large as the region allows, and none where it has no room", () => {
    const { ovals } = layOutOvals(2, { width: 286, height: 600 }, 10);
    // Multiples of 2 that are not multiples of 3, to 100, beside a chart.
    const size = sizeInRegion(ovals, 1, numbers(34), 32, 9)!;
    expect(size).toBeGreaterThan(15);
    expect(fillRegion(ovals, 1, numbers(34), size)).not.toBeNull();
    expect(fillRegion(ovals, 1, numbers(34), size + 1)).toBeNull();
    expect(sizeInRegion(ovals, 1, numbers(2000), 32, 9)).toBeNull();
    expect(sizeInRegion(ovals, 3, [], 32, 9)).toBe(32);
  });
});
