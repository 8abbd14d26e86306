import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { hasInk, INKS, inkBit, inksOf } from "../set/ink";
import { INK_HOME, type Point, splitInks } from "./ink-split";

/** Area by the shoelace formula. */
const area = (region: readonly Point[]) =>
  Math.abs(
    region.reduce((sum, [x, y], i) => {
      const [u, v] = region[(i + 1) % region.length]!;
      return sum + x * v - u * y;
    }, 0),
  ) / 2;

describe("a place that carries several inks", () => {
  test("is filled by them with nothing over and nothing left, for every set of inks", () => {
    for (let set = 1; set < 32; set += 1) {
      const split = splitInks(set);
      expect(split.map(({ ink }) => ink)).toEqual(inksOf(set));
      expect(split.reduce((sum, { region }) => sum + area(region), 0)).toBeCloseTo(1, 9);
      for (const { region } of split) expect(area(region)).toBeGreaterThan(0.1);
    }
  });

  test("gives every point to the ink whose home is nearest", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 31 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (set, x, y) => {
          const away = (ink: (typeof INKS)[number]) => Math.hypot(x - INK_HOME[ink][0], y - INK_HOME[ink][1]);
          const nearest = Math.min(...inksOf(set).map(away));
          const owners = splitInks(set).filter(({ region }) => inside(region, [x, y]));
          for (const { ink } of owners) expect(away(ink)).toBeLessThan(nearest + 1e-6);
          expect(owners.length).toBeGreaterThan(0);
        },
      ),
    );
  });

  test("sun and sea share along the diagonal", () => {
    expect(splitInks(inkBit("sun") | inkBit("sea"))).toEqual([
      {
        ink: "sun",
        region: [
          [0, 0],
          [1, 0],
          [0, 1],
        ],
      },
      {
        ink: "sea",
        region: [
          [1, 0],
          [1, 1],
          [0, 1],
        ],
      },
    ]);
  });

  test("a set of inks is told apart from every other", () => {
    expect(inksOf(0)).toEqual([]);
    expect(INKS.map((ink) => inksOf(inkBit(ink)))).toEqual(INKS.map((ink) => [ink]));
    expect(hasInk(inkBit("sun") | inkBit("plum"), "plum")).toBe(true);
    expect(hasInk(inkBit("sun") | inkBit("plum"), "sea")).toBe(false);
  });
});

/** Whether a point lies in a convex region given clockwise on the screen, its edge counted in. */
function inside(region: readonly Point[], [x, y]: Point): boolean {
  return region.every(([ax, ay], i) => {
    const [bx, by] = region[(i + 1) % region.length]!;
    return (bx - ax) * (y - ay) - (by - ay) * (x - ax) >= -1e-9;
  });
}
