import { scaleLinear } from "d3-scale";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { exact, keyOf } from "../number/exact";
import { writeNumber, writtenText } from "../number/fraction-text";
import { readNumber } from "../number/read-number";
import {
  LineSettings,
  lineAs,
  lineHolds,
  nearestTurn,
  partOf,
  plainLine,
  StripSettings,
  wholeSpan,
} from "./line";
import {
  labelledIn,
  labelStride,
  nearestTick,
  restSpan,
  scaleOf,
  slideSpan,
  spanHolding,
  spanOf,
  tickAt,
  ticksIn,
  zoomSpan,
} from "./line-scale";
import { STARTING_LINES, startingLine } from "./starting-lines";

const span = (from: string, to: string) => ({ from: exact(from), to: exact(to) });
const keys = ({ from, to }: { from: ReturnType<typeof exact>; to: ReturnType<typeof exact> }) => [
  keyOf(from),
  keyOf(to),
];
const ticks = (line: LineSettings) => {
  const whole = wholeSpan(line);
  const scale = scaleOf(line, whole);
  const { first, last } = ticksIn(whole, scale);
  return Array.from({ length: Number(last - first) + 1 }, (_, i) => keyOf(tickAt(scale, first + BigInt(i))));
};
const fault = (line: object) => {
  const read = LineSettings.safeParse({ ...plainLine("0", "10", "1"), ...line });
  return read.success ? null : `${read.error.issues[0]!.path.join(".")}: ${read.error.issues[0]!.message}`;
};

describe("a line", () => {
  test("has its ends, its labels and its ticks, exact throughout", () => {
    expect(ticks(plainLine("6", "8", "1", 10)).slice(0, 5)).toEqual(["6", "6.1", "6.2", "6.3", "6.4"]);
    expect(ticks(plainLine("-5", "5", "1"))).toHaveLength(11);
    expect(ticks(plainLine("0", "1", "1/3"))).toEqual(["0", "1/3", "2/3", "1"]);
    expect(ticks(plainLine("999999999990", "1000000000000", "10", 2))).toEqual([
      "999999999990",
      "999999999995",
      "1000000000000",
    ]);
    expect(ticks(plainLine("0", "0.01", "0.001"))).toContain("0.007");
  });

  test.each([
    [{ to: "0" }, "to: The ends are the same number. Write another one."],
    [{ from: "20" }, "to: Put the smaller number first."],
    [{ interval: "0" }, "interval: Write an interval above 0."],
    [{ interval: "-1" }, "interval: Write an interval above 0."],
    [{ interval: "0.0001" }, "interval: The smallest interval is 0.001."],
    [
      { to: "1000000" },
      "interval: That would be more than 10,000 ticks. Make the interval larger, or bring the ends closer.",
    ],
    [
      { to: "1000000000001" },
      "to: A line goes from −1,000,000,000,000 to 1,000,000,000,000. Write a number between them.",
    ],
    [
      { interval: "1/999", to: "0.5", divisions: 11 },
      "divisions: These parts are too small to be written as numbers. Choose fewer parts, or a larger interval.",
    ],
    [
      { interval: "1/0" },
      "interval: The bottom number of a fraction cannot be 0. Write another number there.",
    ],
    [{ divisions: 21 }, /^divisions: /],
    [{ to: "12" }, null],
  ])("%j: %s", (line, message) => {
    if (message instanceof RegExp) expect(fault(line)).toMatch(message);
    else expect(fault(line)).toBe(message);
  });

  test("every tick of a line that is allowed can be written in a lesson", () => {
    const text = fc.oneof(
      fc.integer({ min: -50, max: 50 }).map(String),
      fc
        .tuple(fc.integer({ min: -99, max: 99 }), fc.integer({ min: 1, max: 60 }))
        .map(([a, b]) => `${a}/${b}`),
    );
    fc.assert(
      fc.property(text, text, text, fc.integer({ min: 1, max: 20 }), (from, to, interval, divisions) => {
        const read = LineSettings.safeParse(plainLine(from, to, interval, divisions));
        fc.pre(read.success);
        for (const key of ticks(read.data).slice(0, 60)) expect(readNumber(key).ok).toBe(true);
      }),
    );
  });

  test("a number track has the same numbers", () => {
    const strip = lineAs(startingLine("0-10"), "strip");
    expect(StripSettings.safeParse(strip).success).toBe(true);
    expect(lineAs(strip, "line")).toEqual(startingLine("0-10"));
  });

  test("round a ring: the number at the same place that is nearest, at most half a turn away", () => {
    const ring = span("0", "60");
    const turned = (value: number, near: number) => keyOf(nearestTurn(ring, exact(value), exact(near)));
    expect(turned(5, 58)).toBe("65");
    expect(turned(55, 2)).toBe("-5");
    expect([turned(60, 30), turned(0, 30)]).toEqual(["0", "0"]);
    fc.assert(
      fc.property(fc.integer({ min: -500, max: 500 }), fc.integer({ min: -500, max: 500 }), (value, near) => {
        const found = Number(turned(value, near));
        expect(Math.abs(found - near)).toBeLessThanOrEqual(30);
        expect(Math.abs((found - value) % 60)).toBe(0);
      }),
    );
  });

  test("holds what is within its reach; a pinned line what is between its ends; a ring goes round", () => {
    const line = startingLine("0-20");
    expect(lineHolds(line, exact(25))).toBe(true);
    expect(lineHolds({ ...line, pinned: true }, exact(25))).toBe(false);
    expect(lineHolds(startingLine("ring"), exact(61))).toBe(true);
    expect(lineHolds({ ...startingLine("ring"), pinned: true }, exact(61))).toBe(true);
    expect(lineHolds(startingLine("ring"), exact("1000000000001"))).toBe(false);
    expect(lineHolds(line, exact("1000000000001"))).toBe(false);
  });

  test("the starting lines are lines, and the one asked for is given", () => {
    for (const { id, line } of STARTING_LINES) {
      expect(LineSettings.safeParse(line).success).toBe(true);
      expect(startingLine(id)).toBe(line);
    }
  });

  test("numbers stand where they belong", () => {
    expect(partOf(span("-5", "5"), exact(0))).toBe(0.5);
    expect(partOf(span("999999999999", "1000000000000"), exact("999999999999.25"))).toBe(0.25);
  });
});

describe("what the published curricula place on number lines", () => {
  // The three standards of the Common Core State Standards for Mathematics (2010) are quoted from memory.
  test("CCSS 2.MD.B.6: 0, 1, 2, … equally spaced, and sums and differences within 100", () => {
    const line = startingLine("0-100");
    const whole = wholeSpan(line);
    const cells = ticks(line).map((key) => partOf(whole, exact(key)));
    expect(cells).toHaveLength(101);
    for (let i = 1; i <= 100; i += 1) expect(cells[i]! - cells[i - 1]!).toBeCloseTo(0.01, 12);
  });

  test("CCSS 3.NF.A.2: a/b is a lengths of 1/b from 0, for every b from 2 to 12", () => {
    for (let b = 2; b <= 12; b += 1) {
      const line = plainLine("0", "2", "1", b, { numbers: "parts" });
      expect(ticks(line)).toHaveLength(2 * b + 1);
      ticks(line).forEach((key, a) => {
        expect(exact(key).equals(exact(a).div(b))).toBe(true);
        expect(writtenText(writeNumber(exact(key), "parts", BigInt(b)))).toBe(`${a}/${b}`);
      });
    }
  });

  test("CCSS 6.NS.C.6: a number and its opposite lie equally far from 0, on its two sides", () => {
    const whole = wholeSpan(startingLine("-10-10"));
    for (const key of ["1", "3", "7.5", "2/3"]) {
      const [plus, minus] = [partOf(whole, exact(key)), partOf(whole, exact(key).neg())];
      expect(plus - 0.5).toBeCloseTo(0.5 - minus, 12);
    }
  });

  test("National Curriculum in England, years 4 and 5 (2013, from memory): back through zero; powers of ten to 1,000,000", () => {
    expect(ticks(plainLine("-5", "5", "1"))[0]).toBe("-5");
    for (const step of [10, 100, 1000, 10_000, 100_000]) {
      const line = plainLine("0", "1000000", String(step));
      if (1_000_000 / step > 10_000) expect(LineSettings.safeParse(line).success).toBe(false);
      else expect(ticks(line).at(-1)).toBe("1000000");
    }
  });
});

describe("labels", () => {
  test("of a line in tens are those of d3-scale's ticks for the same range", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -200, max: 200 }),
        fc.integer({ min: 4, max: 300 }),
        fc.integer({ min: -3, max: 6 }),
        fc.integer({ min: 4, max: 90 }),
        (start, count, power, room) => {
          const unit = exact(10).pow(power)!;
          const [from, to] = [unit.mul(start), unit.mul(start + count)];
          const line = plainLine(keyOf(from), keyOf(to), keyOf(unit));
          fc.pre(LineSettings.safeParse(line).success);
          const whole = { from, to };
          const scale = scaleOf(line, whole);
          const ours = labelledIn(whole, scale, labelStride(1000 / count, room)).map((value) =>
            value.valueOf(),
          );
          fc.pre(ours.length >= 3);
          // d3-scale (d3js.org) chooses 1, 2 or 5 by a power of ten: of its choices, the densest that leaves each the room.
          const theirs = scaleLinear([from.valueOf(), to.valueOf()], [0, 1000]);
          const most = Array.from({ length: count }, (_, fewer) => theirs.ticks(count - fewer));
          const fitting = most.find((ticks) => theirs(ticks[1]!) - theirs(ticks[0]!) >= room - 1e-9)!;
          expect(ours).toHaveLength(fitting.length);
          ours.forEach((value, i) => {
            expect(value).toBeCloseTo(fitting[i]!, 9);
          });
        },
      ),
    );
  });

  test("stay apart, and as many stay as there is room for", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 200, noNaN: true }),
        fc.integer({ min: 10, max: 200 }),
        (apart, room) => {
          const stride = labelStride(apart, room);
          expect(stride * apart).toBeGreaterThanOrEqual(room);
          expect(String(stride)).toMatch(/^[125]0*$/);
        },
      ),
    );
    expect([40, 20, 10, 3].map((apart) => labelStride(apart, 40))).toEqual([1, 2, 5, 20]);
  });

  test.each([
    ["5/4", "parts", "5/4"],
    ["1", "parts", "4/4"],
    ["5/4", "mixed", "1 1/4"],
    ["-5/4", "mixed", "−1 1/4"],
    ["2/4", "mixed", "1/2"],
    ["6/4", "lowest", "3/2"],
    ["3", "lowest", "3"],
    ["0", "mixed", "0"],
    ["-1/4", "parts", "−1/4"],
    ["5/4", "decimal", "1.25"],
    ["-1/3", "decimal", "−1/3"],
  ] as const)("%s in %s is %s", (number, form, text) => {
    expect(writtenText(writeNumber(exact(number), form, 4n))).toBe(text);
  });
});

describe("sliding and drawing nearer", () => {
  const line = startingLine("0-100");

  test("any number of slides there and back is exactly where it began", () => {
    const slides = fc.array(
      fc.tuple(fc.integer({ min: -9999, max: 9999 }), fc.integer({ min: 1, max: 999 })),
      {
        maxLength: 30,
      },
    );
    fc.assert(
      fc.property(slides, (by) => {
        const moves = by.map(([a, b]) => exact(a).div(b));
        const there = moves.reduce((at, move) => slideSpan(at, move), wholeSpan(line));
        const back = moves.reduceRight((at, move) => slideSpan(at, move.neg()), there);
        expect(keys(back)).toEqual(["0", "100"]);
        const sum = moves.reduce((total, move) => total.add(move), exact(0));
        expect(keys(slideSpan(wholeSpan(line), sum))).toEqual(keys(there));
      }),
    );
  });

  test("rests on a tick, at the length it had", () => {
    expect(keys(restSpan(line, slideSpan(wholeSpan(line), exact("13.4")), wholeSpan(line)))).toEqual([
      "13",
      "113",
    ]);
    const thirds = plainLine("0", "2", "1/3");
    expect(keys(restSpan(thirds, slideSpan(wholeSpan(thirds), exact("0.5")), wholeSpan(thirds)))).toEqual([
      "2/3",
      "8/3",
    ]);
  });

  test("shows finer or coarser intervals, in tens", () => {
    const level = (from: string, to: string, of = line) => scaleOf(of, span(from, to)).level;
    expect([
      level("0", "100"),
      level("40", "60"),
      level("42", "43"),
      level("0", "1000"),
      level("0", "1000000"),
    ]).toEqual([0, 0, -2, 1, 4]);
    expect(level("0", "1/3", plainLine("0", "2", "1/3", 1, { numbers: "mixed" }))).toBe(0);
  });

  test("a zoom keeps the number it is about in its place, and stays within bounds", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 400 }), fc.integer({ min: 0, max: 100 }), (percent, about) => {
        const near = zoomSpan(line, wholeSpan(line), exact(percent).div(100), exact(about));
        expect(partOf(near, exact(about))).toBeCloseTo(about / 100, 9);
      }),
    );
    let out = wholeSpan(line);
    for (let i = 0; i < 60; i += 1) out = restSpan(line, zoomSpan(line, out, exact(2), exact(50)), out);
    expect(keys(out)).toEqual(["-1000000000000", "1000000000000"]);
    let near = wholeSpan(line);
    for (let i = 0; i < 60; i += 1)
      near = restSpan(line, zoomSpan(line, near, exact("1/2"), exact(50)), near);
    expect(near.from.compare(near.to)).toBe(-1);
    for (const key of keys(near)) expect(readNumber(key).ok).toBe(true);
  });

  test("follows a number that has left it, by whole intervals; one that is in it moves nothing", () => {
    expect(keys(spanHolding(line, wholeSpan(line), exact(47)))).toEqual(["0", "100"]);
    expect(keys(spanHolding(line, wholeSpan(line), exact(104)))).toEqual(["30", "130"]);
    expect(keys(spanHolding(line, wholeSpan(line), exact(-3)))).toEqual(["-30", "70"]);
    fc.assert(
      fc.property(fc.integer({ min: -(10 ** 9), max: 10 ** 9 }), (number) => {
        const { from, to } = spanHolding(line, wholeSpan(line), exact(number));
        expect(from.compare(number)).toBeLessThanOrEqual(0);
        expect(to.compare(number)).toBeGreaterThanOrEqual(0);
      }),
    );
  });

  test("the tick nearest to a touch", () => {
    const scale = scaleOf(line, wholeSpan(line));
    expect(keyOf(nearestTick(scale, exact("46.4")))).toBe("46");
    expect(keyOf(nearestTick(scale, exact("-0.5")))).toBe("0");
    expect(keys(spanOf(line, { from: "3", to: "1/3" }))).toEqual(["3", "1/3"]);
  });
});
