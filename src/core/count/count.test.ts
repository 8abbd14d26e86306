import { evaluate } from "mathjs";
import { describe, expect, test } from "vitest";
import { NEW_COUNT } from "../count/count-settings";
import type { NumberKey } from "../number/exact";
import { fold } from "../scene/fold";
import { EMPTY_SCENE } from "../scene/scene";
import { type ChartSettings, cellOf, plainChart } from "../surface/chart";
import { startingChart } from "../surface/starting-charts";
import * as z from "../zod";
import { beginCount, countByTouch, isCount, jumpOf, nextOfCount } from "./count";
import { Count } from "./count-settings";
import { onesCycle } from "./ones-cycle";
import { jumpOn, startTrail, type Trail } from "./trail";

const holdsOf = (chart: ChartSettings) => (number: NumberKey) => cellOf(chart, number) !== null;
const count = (part: Partial<Count>): Count => ({ ...NEW_COUNT, by: "6", ...part });

/** Counts over a chart to its end; returns the numbers said. */
function countAll(over: ChartSettings, what: Count): NumberKey[] {
  const holds = holdsOf(over);
  const said: NumberKey[] = [];
  let scene = EMPTY_SCENE;
  for (;;) {
    const next = nextOfCount(scene.trail, what, holds);
    if (!next) return said;
    scene = fold(scene, next.moves);
    expect(scene.focus).toBe(next.number);
    said.push(next.number);
  }
}

const upTo = (last: number) => plainChart("0", "1", 30, { by: "last", last: String(last) });

describe("counting over a chart", () => {
  test("counting in k from 0 says the multiples of k, as mathjs divides them", () => {
    for (let k = 1; k <= 100; k += 1) {
      const multiples = Array.from({ length: 100 }, (_, i) => i + 1).filter(
        (n) => evaluate(`mod(${n}, ${k})`) === 0,
      );
      expect(countAll(startingChart("1-100"), count({ by: String(k) }))).toEqual(multiples.map(String));
    }
  });

  // National curriculum in England: mathematics programmes of study (Department for Education, 2013), number and
  // place value: which multiples are counted in which year. The text is quoted from memory.
  test.each([
    ["year 1: in multiples of twos, fives and tens", "2", "0 2 4 6 8 10 12 14 16 18 20 22 24"],
    ["year 1: in multiples of twos, fives and tens", "5", "0 5 10 15 20 25 30 35 40 45 50 55 60"],
    ["year 1: in multiples of twos, fives and tens", "10", "0 10 20 30 40 50 60 70 80 90 100 110 120"],
    ["year 2: in steps of 2, 3 and 5 from 0, and in tens", "3", "0 3 6 9 12 15 18 21 24 27 30 33 36"],
    ["year 3: from 0 in multiples of 4, 8, 50 and 100", "4", "0 4 8 12 16 20 24 28 32 36 40 44 48"],
    ["year 3: from 0 in multiples of 4, 8, 50 and 100", "8", "0 8 16 24 32 40 48 56 64 72 80 88 96"],
    [
      "year 3: from 0 in multiples of 4, 8, 50 and 100",
      "50",
      "0 50 100 150 200 250 300 350 400 450 500 550 600",
    ],
    [
      "year 3: from 0 in multiples of 4, 8, 50 and 100",
      "100",
      "0 100 200 300 400 500 600 700 800 900 1000 1100 1200",
    ],
    ["year 4: in multiples of 6, 7, 9, 25 and 1000", "6", "0 6 12 18 24 30 36 42 48 54 60 66 72"],
    ["year 4: in multiples of 6, 7, 9, 25 and 1000", "7", "0 7 14 21 28 35 42 49 56 63 70 77 84"],
    ["year 4: in multiples of 6, 7, 9, 25 and 1000", "9", "0 9 18 27 36 45 54 63 72 81 90 99 108"],
    ["year 4: in multiples of 6, 7, 9, 25 and 1000", "25", "0 25 50 75 100 125 150 175 200 225 250 275 300"],
  ])("England, %s: in %s", (_, by, said) => {
    const numbers = said.split(" ");
    expect(countAll(upTo(Number(numbers.at(-1))), count({ by }))).toEqual(numbers);
  });

  test("England, year 4: in thousands, and backwards through zero to negative numbers", () => {
    const thousands = plainChart("0", "1000", 10, { by: "rows", rows: 1 });
    expect(countAll(thousands, count({ by: "1000" }))).toEqual([
      "0",
      "1000",
      "2000",
      "3000",
      "4000",
      "5000",
      "6000",
      "7000",
      "8000",
      "9000",
    ]);
    const round = plainChart("-10", "1", 21, { by: "rows", rows: 1 });
    expect(countAll(round, count({ by: "5", from: "10", way: "back" }))).toEqual([
      "10",
      "5",
      "0",
      "-5",
      "-10",
    ]);
  });

  test("England, year 1: forwards and backwards, beginning with any number, to and across 100", () => {
    const chart = startingChart("1-120");
    expect(countAll(chart, count({ by: "1", from: "97" })).slice(0, 6)).toEqual([
      "97",
      "98",
      "99",
      "100",
      "101",
      "102",
    ]);
    expect(countAll(chart, count({ by: "1", from: "102", way: "back" })).slice(0, 5)).toEqual([
      "102",
      "101",
      "100",
      "99",
      "98",
    ]);
  });

  // Common Core State Standards for Mathematics (2010), 1.NBT.A.1: count to 120, starting at any number less than
  // 120; 2.NBT.A.2: count within 1000; skip-count by 5s, 10s and 100s. The text is quoted from memory.
  test("Common Core 1.NBT.A.1: to 120 from any number below it", () => {
    const chart = startingChart("1-120");
    for (let from = 1; from < 120; from += 1) {
      const said = countAll(chart, count({ by: "1", from: String(from) }));
      expect([said[0], said.at(-1), said.length]).toEqual([String(from), "120", 121 - from]);
    }
  });

  test.each([
    ["5", 201],
    ["10", 101],
    ["100", 11],
  ])("Common Core 2.NBT.A.2: by %ss within 1000", (by, howMany) => {
    const within = plainChart("0", by, 20, { by: "last", last: "1000" });
    const said = countAll(within, count({ by }));
    expect(said).toHaveLength(howMany);
    expect(said.at(-1)).toBe("1000");
  });

  test("a start that the chart does not hold is not said, but its first landing is", () => {
    const chart = startingChart("1-100");
    expect(beginCount(count({}), holdsOf(chart))).toEqual({
      number: "6",
      moves: [
        { do: "start", number: "0" },
        { do: "jump", by: "6" },
      ],
    });
    expect(beginCount(count({ from: "4" }), holdsOf(chart))?.moves).toEqual([{ do: "start", number: "4" }]);
    expect(beginCount(count({ from: "-50" }), holdsOf(chart))).toBeNull();
    expect(beginCount(count({ from: "300" }), holdsOf(chart))).toBeNull();
  });

  test("touching the next number counts it, touching the first begins again, any other leaves the count alone", () => {
    const holds = holdsOf(startingChart("1-100"));
    const touch = (trail: Trail | null, number: string) => countByTouch(trail, count({}), holds, number);
    let scene = EMPTY_SCENE;
    for (const number of ["6", "12", "18"]) scene = fold(scene, touch(scene.trail, number));
    const at18 = scene.trail;
    expect(at18).toMatchObject({ start: "0", jumps: ["6", "6", "6"], end: "18" });
    expect(touch(at18, "24")).toEqual([{ do: "jump", by: "6" }]);
    expect(touch(at18, "30")).toEqual([]);
    expect(touch(at18, "6")).toHaveLength(2);
    expect(touch(null, "7")).toEqual([]);
  });

  test("a count changed on the way begins anew", () => {
    const trail = jumpOn(jumpOn(startTrail("0"), "6"), "6");
    expect(isCount(trail, count({}))).toBe(true);
    expect(isCount(trail, count({ by: "4" }))).toBe(false);
    expect(isCount(trail, count({ from: "6" }))).toBe(false);
    // A count can reverse where it stands.
    expect(isCount(trail, count({ way: "back" }))).toBe(true);
    expect(nextOfCount(trail, count({ by: "4" }), () => false)).toBeNull();
    expect(jumpOf(count({ way: "back" }))).toBe("-6");
  });

  test.each([["0"], ["-2"], ["two"]])("a count in %s is refused", (by) => {
    expect(Count(z).safeParse(count({ by })).success).toBe(false);
  });
});

describe("the ones digits of a count", () => {
  // Common practice, no source: the ones digits of the sixes go 6, 2, 8, 4, 0 and round again.
  test("of sixes come round after five", () => {
    const said = ["6", "12", "18", "24", "30", "36", "42"];
    expect(onesCycle(said, Array(7).fill("6"))).toEqual({
      length: 5,
      rows: [
        [6, 2, 8, 4, 0],
        [6, 2],
      ],
    });
  });

  test("each row is the first row again, for every size", () => {
    for (let by = 1; by <= 60; by += 1) {
      const said = Array.from({ length: 40 }, (_, i) => String((i + 1) * by));
      const cycle = onesCycle(said, Array(40).fill(String(by)))!;
      const [first] = cycle.rows;
      for (const row of cycle.rows) expect(row).toEqual(first!.slice(0, row.length));
      expect(new Set(first).size).toBe(cycle.length);
    }
  });

  test("there are none for fractions, for unequal jumps or without a jump", () => {
    expect(onesCycle(["0.5", "1"], ["0.5", "0.5"])).toBeNull();
    expect(onesCycle(["3", "43"], ["3", "40"])).toBeNull();
    expect(onesCycle(["3"], [])).toBeNull();
  });
});
