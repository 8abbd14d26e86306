import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { exact } from "../number/exact";
import { exchangesIn, unitOfJump, wantingAt } from "./exchange";

const made = (from: string, by: string) =>
  exchangesIn(exact(from), exact(by))?.map(({ of, way }) => `${way} ${of}`);

describe("exchanges of a jump", () => {
  test("ten of a place become one of the next, or one is broken up into ten", () => {
    // Common practice: ten of a kind are exchanged for one of the next.
    expect(made("28", "5")).toEqual(["made 0"]);
    expect(made("20", "30")).toEqual([]);
    expect(made("84", "30")).toEqual(["made 1"]);
    expect(made("98", "5")).toEqual(["made 0", "made 1"]);
    expect(made("999", "1")).toEqual(["made 0", "made 1", "made 2"]);
    expect(made("33", "-5")).toEqual(["broken 0"]);
    expect(made("103", "-5")).toEqual(["broken 0", "broken 1"]);
    expect(made("0.8", "0.3")).toEqual(["made -1"]);
    expect(made("7", "0")).toEqual([]);
  });

  test("there are none where a number has no pieces", () => {
    for (const [from, by] of [
      ["3", "-5"],
      ["1/3", "1"],
      ["1", "1/3"],
      ["-4", "1"],
    ] as const)
      expect(exchangesIn(exact(from), exact(by))).toBeNull();
  });

  test("they agree with digit arithmetic for every pair below 2,000", () => {
    // Column arithmetic on digits, carrying from the ones. Returns the places with a carry, as bits.
    const byColumns = (a: number, b: number, way: 1 | -1) => {
      let [x, y, carry, carried] = [a, b, 0, 0];
      for (let place = 0; place < 4; place += 1) {
        const [dx, dy] = [x % 10, y % 10];
        carry = (way === 1 ? dx + dy + carry > 9 : dx - dy - carry < 0) ? 1 : 0;
        carried |= carry << place;
        x = (x - dx) / 10;
        y = (y - dy) / 10;
      }
      return carried;
    };
    const numbers = Array.from({ length: 2000 }, (_, n) => exact(n));
    const below = numbers.map((number) => number.neg());
    // Adding b to a exchanges the same as adding a to b.
    for (let a = 0; a < 2000; a += 1) {
      for (let b = 0; b <= a; b += 1) {
        for (const way of [1, -1] as const) {
          const found = exchangesIn(numbers[a]!, (way === 1 ? numbers : below)[b]!)!;
          const places = found.reduce((bits, { of }) => bits | (1 << of), 0);
          if (places !== byColumns(a, b, way)) expect.fail(`${a}, ${way * b}: ${found.map(({ of }) => of)}`);
        }
      }
    }
  });

  test("an exchange changes no value: each one takes nine from the sum of the digits, or gives nine", () => {
    const digits = (n: bigint) => [...String(n)].reduce((sum, digit) => sum + Number(digit), 0);
    fc.assert(
      fc.property(
        fc.bigInt({ min: 0n, max: 4_000_000n }),
        fc.bigInt({ min: 0n, max: 4_000_000n }),
        (a, b) => {
          const on = exchangesIn(exact(a), exact(b))!.length;
          expect(digits(a + b)).toBe(digits(a) + digits(b) - 9 * on);
          const back = exchangesIn(exact(a + b), exact(-b))!.length;
          expect(back).toBe(on);
        },
      ),
    );
  });
});

test("a count goes in the smallest place that its jump has", () => {
  expect(["3", "30", "25", "0.2", "100", "-50"].map((by) => unitOfJump(exact(by)))).toEqual([
    0, 1, 0, -1, 2, 1,
  ]);
  expect(unitOfJump(exact("0"))).toBeNull();
});

test("so many more until the next exchange", () => {
  const wanting = (at: string, by: string) => wantingAt(exact(at), exact(by));
  expect(wanting("53", "3")).toEqual({ place: 0, count: 7 });
  expect(wanting("53", "10")).toEqual({ place: 1, count: 5 });
  expect(wanting("53", "-10")).toEqual({ place: 1, count: 6 });
  expect(wanting("50", "-1")).toEqual({ place: 0, count: 1 });
  expect(wanting("1/3", "1")).toBeNull();
  // Adding piece by piece: only the last piece causes an exchange of that place.
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 99_999 }), fc.constantFrom(1, 10, 100, -1, -10, -100), (at, by) => {
      const { place, count } = wantingAt(exact(at), exact(by))!;
      let now = at;
      for (let piece = 1; piece <= count; piece += 1) {
        const exchanges = exchangesIn(exact(now), exact(by));
        // There is no larger piece left to break up.
        if (exchanges === null) return;
        expect(exchanges.some(({ of }) => of === place)).toBe(piece === count);
        now += by;
      }
    }),
  );
});
