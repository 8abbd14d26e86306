import fc from "fast-check";
import { expect, test } from "vitest";
import { exact } from "@/core/number/exact";
import { piecesOf } from "@/core/number/place-value";
import { hasBlocks, layOutBlocks, sizeOf } from "./blocks-layout";

const room = fc.record({
  width: fc.integer({ min: 500, max: 1800 }),
  height: fc.integer({ min: 140, max: 900 }),
});

test("blocks are those of the number, in their columns, inside the room, and none on another", () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 9999 }), room, (number, size) => {
      const pieces = piecesOf(exact(number))!;
      const { columns, blocks } = layOutBlocks(pieces, size);
      const worth = blocks.reduce((sum, { place }) => sum + 10 ** place, 0);
      expect(worth).toBe(number);
      const boxes = blocks.map((block) => ({ ...block, ...sizeOf(block) }));
      for (const { place, x, y, width, height } of boxes) {
        const column = columns.find((one) => one.place === place)!;
        expect(x).toBeGreaterThanOrEqual(column.left);
        expect(x + width).toBeLessThanOrEqual(column.left + column.width + 0.01);
        expect(y + height).toBeLessThanOrEqual(size.height + 0.01);
      }
      for (const [i, a] of boxes.entries()) {
        for (const b of boxes.slice(i + 1)) {
          const apart =
            a.x + a.width <= b.x + 0.01 ||
            b.x + b.width <= a.x + 0.01 ||
            a.y + a.height <= b.y + 0.01 ||
            b.y + b.height <= a.y + 0.01;
          if (!apart) expect.fail(`${number}: ${JSON.stringify([a, b])}`);
        }
      }
      // One scale for all.
      expect(new Set(blocks.map(({ unit }) => unit)).size).toBeLessThanOrEqual(1);
    }),
  );
});

test("while a count in ones or tens goes on, the blocks keep their size", () => {
  const units = [31, 39, 40, 49, 99].map(
    (number) => layOutBlocks(piecesOf(exact(number))!, { width: 900, height: 300 }).blocks[0]!.unit,
  );
  expect(new Set(units).size).toBe(1);
});

test("blocks go to thousands", () => {
  expect(["9999", "0"].every((number) => hasBlocks(piecesOf(exact(number))!))).toBe(true);
  expect(["10000", "0.5"].some((number) => hasBlocks(piecesOf(exact(number))!))).toBe(false);
});
