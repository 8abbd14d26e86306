import fc from "fast-check";
import { expect, test } from "vitest";
import { MIN_SHARE } from "@/core/views/layout";
import { GAP, layOutBoard } from "./board-layout";

const beside = (width: number, share: number) =>
  layOutBoard({ run: "beside", share }, 2, { width, height: 600 }, GAP, false);

test("of two views beside each other none is narrower than can be read", () => {
  // A board beside the set-up of the count at 1280 × 800 and at 1024 × 768.
  expect(beside(884, 0.74).map(({ width }) => Math.round(width))).toEqual([628, 240]);
  expect(beside(628, 0.74).map(({ width }) => Math.round(width))).toEqual([372, 240]);
  expect(beside(1240, 0.74).map(({ width }) => Math.round(width))).toEqual([906, 318]);
});

test("they fill their room whatever their shares are", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 200, max: 3800 }),
      fc.double({ min: MIN_SHARE, max: 1 - MIN_SHARE, noNaN: true }),
      (width, share) => {
        const [first, second] = beside(width, share);
        expect(second!.left + second!.width).toBeCloseTo(width, 1);
        expect(second!.left - first!.width).toBeCloseTo(GAP, 1);
        expect(Math.min(first!.width, second!.width)).toBeGreaterThanOrEqual(
          Math.min(15 * GAP, 0.44 * width) - 0.01,
        );
      },
    ),
  );
});
