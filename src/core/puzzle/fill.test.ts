import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { openAmong, showingAmong, writtenAmong } from "../lesson/fill";
import { fold } from "../scene/fold";
import { EMPTY_SCENE } from "../scene/scene";
import { chartNumbers, plainChart } from "../surface/chart";
import { startingChart } from "../surface/starting-charts";
import { pick, randomOf, seedOf, shuffle } from "./draw";
import { hintFor, wrongWords } from "./hint";
import { answerTiles, MAX_RIGHT_TILES, mistakesFor } from "./tiles";

const HUNDRED = chartNumbers(startingChart("1-100"));
const seed = fc.integer({ min: 0, max: 2 ** 31 - 1 });

describe("random draws", () => {
  test("gives the same for the same seed and draw, and something else for another", () => {
    const drawn = (s: number, nth: number) => pick(HUNDRED, 10, randomOf(s, nth)).join();
    expect(drawn(7, 0)).toBe(drawn(7, 0));
    const all = new Set([drawn(7, 0), drawn(7, 1), drawn(7, 2), drawn(8, 0), drawn(8, 1)]);
    expect(all.size).toBe(5);
  });

  test("picks as many as asked for, each once and in order, or all there are", () => {
    fc.assert(
      fc.property(seed, fc.integer({ min: -2, max: 150 }), (s, count) => {
        const picked = pick(HUNDRED, count, randomOf(s));
        expect(picked).toHaveLength(Math.max(0, Math.min(100, count)));
        expect(picked).toEqual(HUNDRED.filter((number) => picked.includes(number)));
      }),
    );
  });

  test("shuffling keeps what is there, and every place is as likely for each", () => {
    const counts = [0, 0, 0, 0];
    for (let s = 0; s < 2000; s += 1) {
      const order = shuffle(["a", "b", "c", "d"], randomOf(s));
      expect([...order].sort()).toEqual(["a", "b", "c", "d"]);
      counts[order.indexOf("a")]! += 1;
    }
    for (const count of counts) expect(Math.abs(count - 500)).toBeLessThan(100);
  });

  test("a seed of any text is one that a lesson can keep", () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const s = seedOf(text);
        expect(Number.isInteger(s) && s >= 0 && s < 2 ** 31).toBe(true);
      }),
    );
  });
});

describe("answer tiles", () => {
  const sizes = { by: "1", row: "10" };

  test("hold every right answer, and wrong ones that are right nowhere", () => {
    fc.assert(
      fc.property(seed, fc.integer({ min: 1, max: 100 }), (s, count) => {
        const open = pick(HUNDRED, count, randomOf(s));
        const tiles = answerTiles(open, sizes, randomOf(s, 1));
        const right = tiles.filter((tile) => open.includes(tile));
        expect(new Set(tiles).size).toBe(tiles.length);
        expect(right).toHaveLength(Math.min(count, MAX_RIGHT_TILES));
        for (const wrong of tiles.filter((tile) => !open.includes(tile))) {
          expect(open.some((number) => mistakesFor(number, "1", "10").includes(wrong))).toBe(true);
        }
        if (count <= 30) expect(tiles.length - right.length).toBeGreaterThanOrEqual(2);
      }),
    );
  });

  // Common practice, no source: the mistakes that pupils make with 63 on a hundred chart.
  test("the mistakes for 63: one off, ten off, digits swapped, a neighbour's multiple", () => {
    expect(mistakesFor("63", "1", "10").toSorted()).toEqual(["36", "53", "62", "64", "65", "73"]);
    expect(mistakesFor("12", "6", "60")).toEqual(["18", "6", "72", "24", "21"]);
    expect(mistakesFor("0.5", "0.1", "1")).toEqual(["0.6", "0.4", "1.5", "0.7"]);
    expect(mistakesFor("-12", "1", "10")).toContain("-21");
    expect(mistakesFor("40", "1", "10")).not.toContain("04");
  });

  test("a tray without open places is empty", () => {
    expect(answerTiles([], sizes, randomOf(1))).toEqual([]);
  });
});

describe("hints", () => {
  test("name the nearest number that shows, and leave the reasoning to the class", () => {
    expect(hintFor("63", ["10", "60", "72"])).toBe("It is more than 60. How much more?");
    expect(hintFor("69", ["10", "60", "72"])).toBe("It is less than 72. How much less?");
    expect(hintFor("66", ["60", "72"])).toBe("It is more than 60. How much more?");
    expect(hintFor("-0.5", ["1"])).toBe("It is less than 1. How much less?");
    expect(hintFor("5", [])).toBeNull();
  });

  test("are always true, and never tell the number", () => {
    fc.assert(
      fc.property(seed, (s) => {
        const [cell, ...showing] = shuffle(HUNDRED, randomOf(s)).slice(0, 6);
        const words = hintFor(cell!, showing)!;
        const [, side, from] = /^It is (more|less) than (\d+)\./.exec(words)!;
        expect(Math.sign(Number(cell) - Number(from))).toBe(side === "more" ? 1 : -1);
        const distances = showing.map((number) => Math.abs(Number(number) - Number(cell)));
        expect(Math.abs(Number(cell) - Number(from))).toBe(Math.min(...distances));
        expect(words.match(/\d+/g)).toEqual([from]);
      }),
    );
  });

  test("a wrong number is told without the right one", () => {
    expect(wrongWords("-36")).toBe("−36 does not belong here. How could we find out what does?");
  });
});

describe("what is written", () => {
  const chart = plainChart("1", "1", 5, { by: "rows", rows: 1 });
  const scene = fold(EMPTY_SCENE, [
    { do: "cover", numbers: ["1", "2", "3"] },
    { do: "write", number: "1", says: "1" },
    { do: "write", number: "2", says: "12" },
  ]);
  const numbers = chartNumbers(chart);

  test("is right or wrong; what is not rightly written is open; the rest shows", () => {
    expect(writtenAmong(scene, numbers)).toEqual({ right: ["1"], wrong: ["2"] });
    expect(openAmong(scene, numbers)).toEqual(["2", "3"]);
    expect(showingAmong(scene, numbers)).toEqual(["1", "4", "5"]);
  });

  test("is checked until something else is written", () => {
    const checked = fold(scene, [{ do: "check" }]);
    expect(checked.checked).toBe(true);
    expect(fold(checked, [{ do: "write", number: "3", says: "3" }]).checked).toBe(false);
  });
});
