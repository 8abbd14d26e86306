import { scaleLinear } from "d3-scale";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { exact, keyOf } from "../number/exact";
import { writeNumber, writtenText } from "../number/fraction-text";
import { readNumber } from "../number/read-number";
import * as z from "../zod";
import { LineSettings, partOf, plainLine, wholeSpan } from "./line";
import { labelledIn, labelStride } from "./line-labels";
import { scaleOf, spanOf } from "./line-scale";
import { nearestTick, slideSpan, spanHolding } from "./line-slide";
import { restSpan } from "./rest-span";
import { startingLine } from "./starting-lines";
import { zoomSpan } from "./zoom-span";

const span = (from: string, to: string) => ({ from: exact(from), to: exact(to) });
const keys = ({ from, to }: { from: ReturnType<typeof exact>; to: ReturnType<typeof exact> }) => [
  keyOf(from),
  keyOf(to),
];

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
          fc.pre(LineSettings(z).safeParse(line).success);
          const whole = { from, to };
          const scale = scaleOf(line, whole);
          const ours = labelledIn(whole, scale, labelStride(1000 / count, room)).map((value) =>
            value.valueOf(),
          );
          fc.pre(ours.length >= 3);
          // d3-scale (d3js.org) chooses 1, 2 or 5 times a power of ten: the densest of its choices that leaves each
          // label its room.
          const theirs = scaleLinear([from.valueOf(), to.valueOf()], [0, 1000]);
          const choices = Array.from({ length: count }, (_, fewer) => theirs.ticks(count - fewer));
          const fitting = choices.find((ticks) => theirs(ticks[1]!) - theirs(ticks[0]!) >= room - 1e-9)!;
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
    // Of twelve round a ring every second, third, fourth or sixth, so that no gap differs.
    const round = [40, 20, 15, 10, 8, 7].map((apart) => labelStride(apart, 40, exact(5), 12));
    expect(round).toEqual([1, 2, 3, 4, 6, 6]);
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
