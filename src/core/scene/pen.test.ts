import fc from "fast-check";
import { describe, expect, test } from "vitest";
import * as z from "../zod";
import { fold } from "./fold";
import { keepPoints } from "./keep-points";
import { MAX_POINTS, passes, pointsOf, Stroke, UNIT } from "./pen";
import { strokeOn } from "./pen-on-number";
import { EMPTY_SCENE } from "./scene";

const stroke = (id: string, ...points: number[]): Stroke => ({
  id,
  view: "chart",
  number: "24",
  ink: "sea",
  tool: "pen",
  points,
});

describe("a stroke by hand", () => {
  const point = fc.record({
    x: fc.double({ min: -50, max: 50, noNaN: true }),
    y: fc.double({ min: -50, max: 50, noNaN: true }),
  });
  test("is kept within its bounds, from its first point to its last, and reads back to a thousandth", () => {
    fc.assert(
      fc.property(fc.array(point, { minLength: 1, maxLength: 2000 }), (points) => {
        const kept = keepPoints(points);
        expect(Stroke(z).safeParse(stroke("s", ...kept)).success).toBe(true);
        expect(kept.length).toBeLessThanOrEqual(2 * MAX_POINTS);
        const read = pointsOf(stroke("s", ...kept));
        expect([read[0]!.x, read[0]!.y]).toEqual(
          [points[0]!.x, points[0]!.y].map((at) => expect.closeTo(at, 2)),
        );
        const [last, end] = [read.at(-1)!, points.at(-1)!];
        expect([last.x, last.y]).toEqual([end.x, end.y].map((at) => expect.closeTo(at, 2)));
      }),
    );
    expect(
      keepPoints([
        { x: 0, y: 0 },
        { x: 0.001, y: 0 },
        { x: 1, y: 0 },
      ]),
    ).toEqual([0, 0, UNIT, 0]);
  });

  test("keeps its shape: no point that was drawn lies far from the stroke that is kept", () => {
    const drawn = Array.from({ length: 400 }, (_, i) => ({ x: i / 100, y: Math.sin(i / 20) }));
    const kept = stroke("s", ...keepPoints(drawn));
    expect(kept.points.length).toBeLessThan(400);
    for (const point of drawn) expect(passes(kept, point, 0.02)).toBe(true);
  });

  test("is met by a rubber anywhere along it, and not beside it", () => {
    const across = stroke("s", 0, 0, 4 * UNIT, 0);
    expect(passes(across, { x: 2, y: 0.1 }, 0.2)).toBe(true);
    expect(passes(across, { x: 2, y: 0.3 }, 0.2)).toBe(false);
    expect(passes(stroke("dot", UNIT, UNIT), { x: 1.1, y: 1 }, 0.2)).toBe(true);
  });

  test("is a move like any other: one fewer takes it back, the rubber and a wipe too", () => {
    const two = fold(EMPTY_SCENE, [
      { do: "pen", stroke: stroke("a", 0, 0) },
      { do: "pen", stroke: stroke("b", 0, 0) },
      { do: "note", note: { id: "n", view: "line", number: "7", ink: "sun", x: 0, y: 0, text: "here" } },
    ]);
    expect(two.strokes.map(({ id }) => id)).toEqual(["a", "b"]);
    expect(fold(two, [{ do: "rub", ids: ["a"] }]).strokes.map(({ id }) => id)).toEqual(["b"]);
    const reworded = fold(two, [
      { do: "note", note: { id: "n", view: "line", number: "7", ink: "sun", x: 0, y: 0, text: "there" } },
    ]);
    expect(reworded.notes.map(({ text }) => text)).toEqual(["there"]);
    const wiped = fold(two, [{ do: "wipe-pen" }]);
    expect([wiped.strokes, wiped.notes]).toEqual([[], []]);
    expect(two.strokes).toHaveLength(2);
  });
});

describe("a stroke drawn by keyboard", () => {
  test("the pen goes once round the numeral, the highlighter over all of it", () => {
    for (const number of ["7", "48", "1200", "1/4", "r12c12"]) {
      const ring = strokeOn("chart", number, "pen");
      const half = Math.max(...ring.map(({ x }) => x));
      const digits = { "7": 1, "48": 2, "1200": 4, "1/4": 3, r12c12: 3 }[number]!;
      // A numeral is half a unit high; its digits are about 0.56 as wide as that (the typeface, measured by eye).
      expect(half).toBeGreaterThan((digits * 0.5 * 0.56) / 2);
      expect(Math.max(...ring.map(({ y }) => Math.abs(y)))).toBeGreaterThan(0.25);
      const turns = ring
        .map(({ x, y }) => Math.atan2(y / 0.42, x / half))
        .reduce((sum, angle, i, all) => {
          const step = i === 0 ? 0 : angle - all[i - 1]!;
          return sum + step + (step < -Math.PI ? 2 * Math.PI : step > Math.PI ? -2 * Math.PI : 0);
        }, 0);
      expect(turns / (2 * Math.PI)).toBeCloseTo(1.04, 1);
      const bar = strokeOn("chart", number, "highlighter");
      expect(bar.every(({ y }) => y === 0)).toBe(true);
      expect(bar.at(-1)!.x).toBeCloseTo(-bar[0]!.x);
      expect(Stroke(z).safeParse(stroke("k", ...keepPoints(ring))).success).toBe(true);
    }
  });

  test("on a line the place of the number is ringed, however long its label is", () => {
    const wide = (number: string) => Math.max(...strokeOn("line", number, "pen").map(({ x }) => x));
    expect(wide("1000000")).toBeCloseTo(wide("5"));
  });
});
