import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { fitSentence, fitting, LINE, linesOf } from "./fitting";

const threes = Array.from({ length: 34 }, (_, i) => String(3 * i));
const panel = (height: number, more: object = {}) =>
  fitting({
    room: { width: 270, height },
    used: 90,
    title: 15,
    gap: 24,
    numbers: { texts: threes, size: 23 },
    ones: { rows: 7, size: 32 },
    ...more,
  });

describe("what has room in the panel of the count", () => {
  test("a high panel lists forty numbers at most, and four rows of ones digits", () => {
    expect(panel(2000)).toEqual({ listed: 40, rows: 4 });
  });

  test("a lower one lists fewer, the last ones; there are always some", () => {
    const heights = [40, 200, 260, 320, 400, 500, 650, 800];
    const fitted = heights.map((height) => panel(height));
    for (const [i, { listed, rows }] of fitted.entries()) {
      expect(listed).toBeGreaterThanOrEqual(3);
      if (i > 0) expect(rows).toBeGreaterThanOrEqual(fitted[i - 1]!.rows);
    }
    expect(fitted[0]).toEqual({ listed: 6, rows: 0 });
    expect(panel(250, { ones: null }).listed).toBeLessThan(panel(320, { ones: null }).listed);
    // Seven numbers of two digits stand in a line of 270 px at 23 px, and 320 px leave 203 for lines of 32: six of them.
    expect(panel(320, { ones: null })).toEqual({ listed: 40, rows: 0 });
    expect(panel(250, { ones: null })).toEqual({ listed: 27, rows: 0 });
  });
});

describe("a sentence that stands alone", () => {
  const title = { across: 190, down: 36 };

  test("keeps its size under its title where it can, then stands beside it, then without it", () => {
    expect(fitSentence(16, 43, { width: 300, height: 200 }, title)).toEqual({ size: 43, title: "above" });
    expect(fitSentence(16, 43, { width: 748, height: 50 }, title)).toEqual({ size: 40, title: "before" });
    const narrow = fitSentence(16, 43, { width: 220, height: 44 }, title);
    expect(narrow.title).toBe("heard");
    expect(narrow.size).toBeGreaterThan(24);
  });

  test("is never larger than its room, and never so small that it cannot be read", () => {
    fc.assert(
      fc.property(
        fc.record({
          letters: fc.integer({ min: 0, max: 60 }),
          width: fc.integer({ min: 0, max: 900 }),
          height: fc.integer({ min: 0, max: 400 }),
        }),
        ({ letters, ...room }) => {
          const { size } = fitSentence(letters, 43, room, title);
          expect(size).toBeLessThanOrEqual(43);
          expect(size).toBeGreaterThanOrEqual(10);
          if (size > 14)
            expect(linesOf(letters, size, room) * LINE * size).toBeLessThanOrEqual(room.height + 0.01);
        },
      ),
    );
  });
});
