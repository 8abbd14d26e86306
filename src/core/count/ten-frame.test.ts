import fc from "fast-check";
import { expect, test } from "vitest";
import { cellsOf, pairsThatMake, secondFrom, throughTen, toFill } from "./ten-frame";

test("a sum goes through the ten: 8 and 6 are 8, 2 and 4", () => {
  // Common Core 1.OA.C.6 gives 8 + 6 = 8 + 2 + 4 = 10 + 4 = 14.
  expect(throughTen(8, 6)).toEqual({ fill: 2, rest: 4 });
  expect(throughTen(9, 1)).toEqual({ fill: 1, rest: 0 });
  expect(throughTen(6, 3)).toBeNull();
  expect(throughTen(10, 4)).toBeNull();
  // Common Core K.OA.A.4: for any number from 1 to 9, the number that makes 10 with it.
  expect([1, 2, 3, 4, 5, 6, 7, 8, 9].map(toFill)).toEqual([9, 8, 7, 6, 5, 4, 3, 2, 1]);
  for (let first = 0; first <= 30; first += 1)
    for (let second = 0; second <= 20; second += 1) {
      const split = throughTen(first, second);
      if (!split) continue;
      expect((first + split.fill) % 10).toBe(0);
      expect(split.fill + split.rest).toBe(second);
    }
});

const counted = (cells: ReturnType<typeof cellsOf>) => cells.filter((cell) => cell && !cell.left).length;

test("frames hold as many counters as the two numbers, wherever they lie", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 10 }),
      fc.nat(100),
      fc.nat(100),
      fc.nat(10),
      (frames, a, b, moved) => {
        const first = Math.min(a, frames * 10);
        const second = Math.min(b, frames * 10 - first);
        const cells = cellsOf({ first, second, moved }, frames);
        expect(cells).toHaveLength(frames * 10);
        expect(counted(cells)).toBe(first + second);
        expect(cells.filter((cell) => cell?.of === "first")).toHaveLength(first);
        // Each counter that has moved has left one outline behind.
        const gone = cells.filter((cell) => cell?.left).length;
        expect(cells.filter((cell) => cell?.moved)).toHaveLength(gone);
        expect(gone).toBeLessThanOrEqual(Math.min(second, toFill(first)));
      },
    ),
  );
});

test("the second number has a frame of its own where there is one", () => {
  expect(secondFrom({ first: 8, second: 6 }, 2)).toBe(10);
  expect(secondFrom({ first: 6, second: 3 }, 1)).toBe(6);
  expect(secondFrom({ first: 0, second: 4 }, 2)).toBe(10);
  const filled = cellsOf({ first: 8, second: 6, moved: 2 }, 2);
  expect(filled.slice(0, 10).every((cell) => cell && !cell.left)).toBe(true);
  expect(filled.slice(10, 16).map((cell) => cell?.left)).toEqual([false, false, false, false, true, true]);
});

test("the pairs that make a number are complete, each both ways", () => {
  for (let whole = 2; whole <= 20; whole += 1) {
    const pairs = pairsThatMake(whole);
    expect(pairs).toHaveLength(whole + 1);
    expect(new Set(pairs.map(String)).size).toBe(whole + 1);
    for (const [a, b] of pairs) {
      expect(a + b).toBe(whole);
      expect(pairs.some(([x, y]) => x === b && y === a)).toBe(true);
    }
  }
  // Common Core K.OA.A.3 decomposes 5 in more than one way: 5 = 2 + 3 and 5 = 4 + 1.
  expect(pairsThatMake(5)).toEqual([
    [0, 5],
    [1, 4],
    [2, 3],
    [3, 2],
    [4, 1],
    [5, 0],
  ]);
});
