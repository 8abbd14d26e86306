import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { exact, keyOf } from "../number/exact";
import { writeNumber, writtenText } from "../number/fraction-text";
import { readNumber } from "../number/read-number";
import * as z from "../zod";
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
import { scaleOf, tickAt, ticksIn } from "./line-scale";
import { STARTING_LINES, startingLine } from "./starting-lines";

const span = (from: string, to: string) => ({ from: exact(from), to: exact(to) });
const ticks = (line: LineSettings) => {
  const whole = wholeSpan(line);
  const scale = scaleOf(line, whole);
  const { first, last } = ticksIn(whole, scale);
  return Array.from({ length: Number(last - first) + 1 }, (_, i) => keyOf(tickAt(scale, first + BigInt(i))));
};
const fault = (line: object) => {
  const read = LineSettings(z).safeParse({ ...plainLine("0", "10", "1"), ...line });
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
        const read = LineSettings(z).safeParse(plainLine(from, to, interval, divisions));
        fc.pre(read.success);
        for (const key of ticks(read.data).slice(0, 60)) expect(readNumber(key).ok).toBe(true);
      }),
    );
  });

  test("a number track has the same numbers", () => {
    const strip = lineAs(startingLine("0-10"), "strip");
    expect(StripSettings(z).safeParse(strip).success).toBe(true);
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
      expect(LineSettings(z).safeParse(line).success).toBe(true);
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
      if (1_000_000 / step > 10_000) expect(LineSettings(z).safeParse(line).success).toBe(false);
      else expect(ticks(line).at(-1)).toBe("1000000");
    }
  });
});
