import fc from "fast-check";
import { expect, test } from "vitest";
import { exact } from "@/core/number/exact";
import { piecesOf } from "@/core/number/pieces";
import { hasForm, layOutBlocks, type Scaled, sizeOf } from "./blocks-layout";

const room = fc.record({
  width: fc.integer({ min: 140, max: 1800 }),
  height: fc.integer({ min: 140, max: 900 }),
});

const MAX: Record<Scaled, number> = { blocks: 9999, bundles: 999 };

test.each(["blocks", "bundles"] as const)(
  "%s are those of the number, in their columns, inside the room, and none on another",
  (as) => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: MAX[as] }), room, (number, size) => {
        const pieces = piecesOf(exact(number))!;
        const { columns, blocks } = layOutBlocks(pieces, size, as);
        const worth = blocks.reduce((sum, { place }) => sum + 10 ** place, 0);
        expect(worth).toBe(number);
        const boxes = blocks.map((block) => ({ ...block, ...sizeOf(block) }));
        for (const { place, x, y, width, height } of boxes) {
          const column = columns.find((one) => one.place === place)!;
          expect(x).toBeGreaterThanOrEqual(column.left);
          expect(x + width).toBeLessThanOrEqual(column.left + column.width + 0.01);
          expect(y + height).toBeLessThanOrEqual(size.height + 0.01);
        }
        const { left, width } = columns.at(-1)!;
        expect(left + width).toBeLessThanOrEqual(size.width + 0.01);
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
  },
);

test("while a count in ones or tens goes on, the blocks keep their size", () => {
  const units = [31, 39, 40, 49, 99].map(
    (number) => layOutBlocks(piecesOf(exact(number))!, { width: 900, height: 300 }).blocks[0]!.unit,
  );
  expect(new Set(units).size).toBe(1);
});

test("what is still wanting stands after what is there", () => {
  const { blocks } = layOutBlocks(
    [
      { place: 1, count: 6, wanting: 3 },
      { place: 0, count: 4, wanting: 6 },
    ],
    { width: 900, height: 300 },
  );
  const ones = blocks.filter(({ place }) => place === 0);
  expect(ones.map(({ wanting }) => wanting)).toEqual([...Array(4).fill(false), ...Array(6).fill(true)]);
  expect(blocks.filter(({ wanting }) => wanting).reduce((sum, { place }) => sum + 10 ** place, 0)).toBe(36);
});

test("blocks go to thousands, bundles to hundreds", () => {
  expect(hasForm("bundles", piecesOf(exact("999"))!)).toBe(true);
  expect(hasForm("bundles", piecesOf(exact("1000"))!)).toBe(false);
  expect(["9999", "0"].every((number) => hasForm("blocks", piecesOf(exact(number))!))).toBe(true);
  expect(["10000", "0.5"].some((number) => hasForm("blocks", piecesOf(exact(number))!))).toBe(false);
});
