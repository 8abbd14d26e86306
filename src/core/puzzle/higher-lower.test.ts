import fc from "fast-check";
import { expect, test } from "vitest";
import { chancesAt, chanceWords } from "./chances";
import { randomOf } from "./draw";
import { drawFrom, isRight } from "./higher-lower";

const range = fc
  .tuple(fc.integer({ min: -50, max: 50 }), fc.integer({ min: 1, max: 100 }))
  .map(([from, more]) => ({ from, to: from + more }));

test("the chances of higher and lower add to one, and are those of counting the numbers", () => {
  fc.assert(
    fc.property(range, fc.nat(), (of, pick) => {
      const at = of.from + (pick % (of.to - of.from + 1));
      const { higher, lower } = chancesAt(of, at);
      expect(higher.add(lower).equals(1)).toBe(true);
      let above = 0;
      for (let n = of.from; n <= of.to; n += 1) if (n > at) above += 1;
      expect(higher.mul(of.to - of.from).equals(above)).toBe(true);
    }),
  );
  expect(chanceWords({ from: 1, to: 10 }, chancesAt({ from: 1, to: 10 }, 7).higher)).toBe("3 of 9");
  const far = { from: 0, to: 1_000_000 };
  expect(chanceWords(far, chancesAt(far, 500_000).higher)).toBe("500,000 of 1,000,000");
});

test("numbers are drawn from the range, never the one before, and each other one is drawn", () => {
  const of = { from: 1, to: 10 };
  const drawn = Array.from({ length: 400 }, (_, nth) => drawFrom(of, "4", randomOf(3, nth)));
  expect([...new Set(drawn)].sort((a, b) => Number(a) - Number(b))).toEqual([
    "1",
    "2",
    "3",
    "5",
    "6",
    "7",
    "8",
    "9",
    "10",
  ]);
  expect(drawFrom({ from: 5, to: 5 }, "5", randomOf(1))).toBe("5");
});

test("a guess is right or not", () => {
  expect([isRight("higher", "4", "7"), isRight("lower", "4", "7"), isRight("lower", "4", "-2")]).toEqual([
    true,
    false,
    true,
  ]);
});
