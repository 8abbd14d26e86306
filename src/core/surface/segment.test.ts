import fc from "fast-check";
import { expect, test } from "vitest";
import { distanceToSegment } from "./segment";

test("the distance to a segment is to its line beside it, and to its end beyond it", () => {
  const [a, b] = [
    { x: 0, y: 0 },
    { x: 6, y: 8 },
  ];
  // From the point (7, 1) to the line 4x = 3y: |28 − 3| ÷ 5.
  expect(distanceToSegment({ x: 7, y: 1 }, a, b)).toBeCloseTo(5);
  expect(distanceToSegment({ x: 9, y: 12 }, a, b)).toBeCloseTo(5);
  expect(distanceToSegment({ x: -3, y: -4 }, a, b)).toBeCloseTo(5);
  expect(distanceToSegment({ x: 3, y: 4 }, a, a)).toBeCloseTo(5);
});

test("no point of a segment is nearer", () => {
  const unit = fc.double({ min: -100, max: 100, noNaN: true });
  const point = fc.record({ x: unit, y: unit });
  fc.assert(
    fc.property(point, point, point, fc.double({ min: 0, max: 1, noNaN: true }), (at, a, b, part) => {
      const on = { x: a.x + part * (b.x - a.x), y: a.y + part * (b.y - a.y) };
      expect(distanceToSegment(at, a, b)).toBeLessThanOrEqual(Math.hypot(at.x - on.x, at.y - on.y) + 1e-9);
    }),
  );
});
