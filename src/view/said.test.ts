import fc from "fast-check";
import { expect, test } from "vitest";
import { saidIn } from "./said";

test("a message keeps its size and its width where there is room, and otherwise becomes wider, then smaller", () => {
  expect(saidIn(66, { width: 600, height: 300 }, 20)).toEqual({ text: 20, wide: 320 });
  expect(saidIn(66, { width: 1200, height: 40 }, 20)).toEqual({ text: 20, wide: 1200 });
  const { text, wide } = saidIn(66, { width: 360, height: 60 }, 20);
  expect(wide).toBe(360);
  expect(text).toBeLessThan(20);
});

test("a message is never larger than it may be, nor too small to be read", () => {
  const size = fc.integer({ min: 10, max: 2000 });
  fc.assert(
    fc.property(size, size, fc.integer({ min: 14, max: 60 }), (width, height, most) => {
      const { text, wide } = saidIn(66, { width, height }, most);
      expect(text).toBeLessThanOrEqual(most);
      expect(text).toBeGreaterThanOrEqual(14);
      expect(wide).toBeLessThanOrEqual(width);
    }),
  );
});
