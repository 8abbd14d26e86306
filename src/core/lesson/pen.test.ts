import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { keepPoints, MOST_POINTS, passes, pointsOf, Stroke, UNIT } from "./pen";
import { EMPTY_SCENE, fold } from "./scene";

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
        expect(Stroke.safeParse(stroke("s", ...kept)).success).toBe(true);
        expect(kept.length).toBeLessThanOrEqual(2 * MOST_POINTS);
        expect(pointsOf(stroke("s", ...kept))[0]!.x).toBeCloseTo(points[0]!.x, 2);
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
