import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { MIN_SHARE } from "@/core/views/layout";
import { GAP, layOutBoard } from "./board-layout";

const beside = (width: number, share: number) =>
  layOutBoard({ run: "beside", share }, [10, undefined], {
    room: { width, height: 600 },
    gap: GAP,
    screen: 800,
    upright: false,
  });

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

const upright = (rows: readonly (number | undefined)[], share: number) =>
  layOutBoard({ run: "beside", share }, rows, {
    room: { width: 796, height: 754 },
    gap: GAP,
    screen: 1180,
    upright: true,
  }).map(({ height }) => Math.round(height));

describe("On an upright screen", () => {
  test("the rows of a chart are high enough to be read, whatever share of the width it had", () => {
    expect(upright([10, undefined], 0.5)).toEqual([470, 268]);
    // Six rows are high enough at half the height, and more than ten leave the other view its room.
    expect(upright([6, undefined], 0.5)).toEqual([369, 369]);
    expect(upright([20, undefined], 0.5)).toEqual([487, 251]);
  });

  test("two charts are as high as each other, and a line has its share", () => {
    expect(upright([10, 10], 0.5)).toEqual([369, 369]);
    expect(upright([undefined, 10], 0.4)).toEqual([295, 443]);
  });
});

test("stacked views have the whole width and the height that each is given, whatever their layout", () => {
  const where = { room: { width: 350, height: 600 }, gap: GAP, screen: 844, upright: true, stacked: 371 };
  expect(layOutBoard({ run: "beside", share: 0.7 }, [10, undefined, 11], where)).toEqual([
    { left: 0, top: 0, width: 350, height: 371 },
    { left: 0, top: 379, width: 350, height: 371 },
    { left: 0, top: 758, width: 350, height: 371 },
  ]);
  // One view alone has the room.
  expect(layOutBoard({ run: "beside", share: 0.7 }, [10], where)[0]!.height).toBe(600);
});
