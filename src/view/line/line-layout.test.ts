import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { exact } from "@/core/number/exact";
import { fold } from "@/core/scene/fold";
import { lineMarks } from "@/core/scene/line-marks";
import type { Move } from "@/core/scene/move";
import { EMPTY_SCENE } from "@/core/scene/scene";
import { LineSettings, lineAs, plainLine, wholeSpan } from "@/core/surface/line";
import { slideSpan } from "@/core/surface/line-slide";
import { startingLine } from "@/core/surface/starting-lines";
import * as z from "@/core/zod";
import { cellHeight, openPlacing } from "./line-geometry";
import { type LineLayout, layOutLine } from "./line-layout";
import { nearestNumber, numberNear } from "./number-near";

const ROOM = { width: 1200, height: 320 };
const mark = (number: string): Move => ({ do: "mark", ink: "sun", numbers: [number] });

const lay = (
  line: LineSettings | ReturnType<typeof lineAs>,
  moves: Move[] = [],
  room = ROOM,
  strong = false,
) => {
  const scene = fold(EMPTY_SCENE, moves);
  const span = wholeSpan(line);
  return layOutLine(line, span, lineMarks(line, span, scene), room, strong);
};
const keys = ({ labels }: LineLayout) => labels.map(({ key }) => key).sort((a, b) => Number(a) - Number(b));

/** The pairs of labels that overlap. */
function collisions({ labels }: LineLayout): string[] {
  return labels.flatMap((a, i) =>
    labels
      .slice(i + 1)
      .filter(
        (b) =>
          Math.abs(a.x - b.x) < (a.width + b.width) / 2 - 0.01 &&
          Math.abs(a.y - b.y) < (a.height + b.height) / 2 - 0.01,
      )
      .map((b) => `${a.key} ${b.key}`),
  );
}

describe("the labels of a line", () => {
  test("never lie on each other, whatever the line, its room, and what is put on it", () => {
    const line = fc
      .record({
        from: fc.integer({ min: -2000, max: 2000 }),
        length: fc.integer({ min: 1, max: 3000 }),
        interval: fc.constantFrom("1", "10", "0.5", "1/3", "25"),
        divisions: fc.integer({ min: 1, max: 10 }),
        shape: fc.constantFrom("flat" as const, "upright" as const, "ring" as const),
        numbers: fc.constantFrom("decimal" as const, "mixed" as const, "parts" as const),
        open: fc.boolean(),
      })
      .map(({ from, length, interval, divisions, ...more }) =>
        LineSettings(z).safeParse(plainLine(String(from), String(from + length), interval, divisions, more)),
      );
    const move = fc
      .integer({ min: -100, max: 400 })
      .chain((number) =>
        fc.constantFrom<Move>(
          { do: "mark", ink: "sun", numbers: [String(number)] },
          { do: "cover", numbers: [String(number)] },
          { do: "focus", number: String(number) },
          { do: "jump", by: String(number) },
        ),
      );
    fc.assert(
      fc.property(
        line,
        fc.array(move, { maxLength: 12 }),
        fc.integer({ min: 300, max: 1800 }),
        fc.integer({ min: 160, max: 900 }),
        fc.boolean(),
        (read, moves, width, height, strong) => {
          fc.pre(read.success);
          expect(collisions(lay(read.data, moves, { width, height }, strong))).toEqual([]);
        },
      ),
    );
  });

  test("all stay where there is room, and every second, fifth or tenth where there is not", () => {
    expect(keys(lay(startingLine("0-10")))).toHaveLength(11);
    expect(keys(lay(startingLine("0-20")))).toHaveLength(21);
    expect(keys(lay(plainLine("0", "100", "1")))).toHaveLength(11);
    expect(keys(lay(plainLine("0", "60", "1")))).toHaveLength(13);
    expect(keys(lay(plainLine("0", "100", "1"), [], { width: 500, height: 300 }))).toHaveLength(6);
  });

  test("stand at even and round distances, and hold zero", () => {
    const shown = (line: LineSettings, width = 1200) => keys(lay(line, [], { width, height: 320 })).join(" ");
    expect(shown(plainLine("0", "1", "0.1"), 640)).toBe("0 0.2 0.4 0.6 0.8 1");
    expect(shown(plainLine("-1", "1", "0.2"), 640)).toBe("-1 0 1");
    expect(shown(plainLine("0", "8", "0.2"))).toBe("0 1 2 3 4 5 6 7 8");
    expect(shown(plainLine("27", "77", "10", 10))).toBe("30 40 50 60 70");
    expect(shown(plainLine("27", "77", "10"))).toBe("27 37 47 57 67 77");
    expect(shown(plainLine("-5", "5", "2"))).toBe("-4 -2 0 2 4");
    const line = fc
      .record({
        from: fc.integer({ min: -300, max: 300 }),
        length: fc.integer({ min: 1, max: 900 }),
        interval: fc.constantFrom("1", "2", "5", "10", "0.1", "0.2", "0.25", "25", "1/4", "1/12"),
        numbers: fc.constantFrom("decimal" as const, "mixed" as const),
      })
      .map(({ from, length, interval, numbers }) =>
        LineSettings(z).safeParse(plainLine(String(from), String(from + length), interval, 1, { numbers })),
      );
    fc.assert(
      fc.property(line, fc.integer({ min: 400, max: 1900 }), (read, width) => {
        fc.pre(read.success);
        const values = lay(read.data, [], { width, height: 320 })
          .labels.map(({ key }) => exact(key))
          .sort((a, b) => a.compare(b));
        const gaps = new Set(values.slice(1).map((value, i) => value.sub(values[i]!).toFraction()));
        // If only one round number is on the line, its ends are labelled instead.
        if (values.length > 2) expect(gaps.size).toBe(1);
        const isRound = (by: string) => /^[125]0*$/.test(by) || exact(1).div(exact(by)).d === 1n;
        const [by] = gaps;
        if (
          values.length > 2 &&
          exact(by!).compare(exact(read.data.interval)) > 0 &&
          read.data.interval !== "25"
        ) {
          expect(by).toSatisfy(isRound);
          const first = values[0]!;
          if (first.compare(0) <= 0 && values.at(-1)!.compare(0) >= 0)
            expect(first.div(exact(by!)).d).toBe(1n);
        }
      }),
    );
  });

  test("of where a trail begins, lands and passes a benchmark come before any tick's", () => {
    const lands = (line: LineSettings, start: string, jumps: string[], room = ROOM) =>
      keys(
        lay(line, [{ do: "start", number: start }, ...jumps.map((by): Move => ({ do: "jump", by }))], room),
      );
    expect(lands(startingLine("0-100"), "27", ["3", "40"], { width: 1200, height: 150 })).toEqual(
      expect.arrayContaining(["27", "30", "70"]),
    );
    expect(
      lands(plainLine("270", "510", "20", 10), "276", ["4", "20", "200"], { width: 900, height: 180 }),
    ).toEqual(expect.arrayContaining(["276", "280", "300", "500"]));
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 90 }),
        fc.integer({ min: 8, max: 40 }),
        fc.integer({ min: 160, max: 500 }),
        (start, by, height) => {
          const line = plainLine("0", "140", "10", 10);
          const seen = lands(line, String(start), [String(by)], { width: 1180, height });
          expect(seen).toEqual(expect.arrayContaining([String(start), String(start + by)]));
        },
      ),
    );
  });

  test("go round a circle of sixty in fives, also in little room", () => {
    for (const side of [400, 480, 640]) {
      expect(keys(lay(startingLine("ring"), [], { width: side * 1.6, height: side })).join(" ")).toBe(
        "0 5 10 15 20 25 30 35 40 45 50 55",
      );
    }
  });

  test("of a circle that has no room for all stand equally far apart, as large as on a line", () => {
    const small = lay(startingLine("ring"), [], { width: 520, height: 270 });
    expect(keys(small).join(" ")).toBe("0 15 30 45");
    expect(small.numeral).toBeGreaterThanOrEqual(22);
    // 24 hours, one by one: every second, third, fourth, sixth, eighth or twelfth.
    for (let side = 120; side <= 500; side += 20) {
      const day = { ...plainLine("0", "24", "1", 1, {}), shape: "ring" as const };
      const at = keys(lay(day, [], { width: side, height: side })).map(Number);
      const gaps = new Set(at.map((number, i) => (at[i + 1] ?? 24) - number));
      expect([side, ...gaps]).toHaveLength(2);
    }
  });

  test("of a strip leave room above for jumps and below for brackets with their landings", () => {
    for (const height of [130, 150, 200, 320]) {
      for (const id of ["0-10", "0-20", "0-100"]) {
        const strip = lay(lineAs(startingLine(id), "strip"), [], { width: 1180, height });
        const { y } = strip.geometry.point(0, 0);
        const half = cellHeight(strip.cell, height) / 2;
        expect(y - half).toBeGreaterThanOrEqual(strip.geometry.headroom);
        expect(y + half + 20 + strip.numeral).toBeLessThanOrEqual(height);
      }
    }
  });

  test("of a strip stand below its squares where these are too narrow, all of them seen and none on another", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 2000 }),
        fc.integer({ min: 240, max: 1880 }),
        fc.integer({ min: 110, max: 600 }),
        fc.boolean(),
        (to, width, height, strong) => {
          const line = lineAs(plainLine("0", String(to), "1", 1, {}), "strip");
          const strip = lay(line, [mark("1"), mark(String(Math.ceil(to / 2)))], { width, height }, strong);
          expect(strip.labels.length).toBeGreaterThan(0);
          if (!strip.below) return;
          const labels = strip.labels.toSorted((a, b) => a.x - b.x);
          for (const [i, { x, y, width: wide, height: high }] of labels.entries()) {
            expect(x - wide / 2).toBeGreaterThanOrEqual(-0.1);
            expect(x + wide / 2).toBeLessThanOrEqual(width + 0.1);
            expect(y + high / 2).toBeLessThanOrEqual(height);
            const next = labels[i + 1];
            if (next) expect(next.x - x).toBeGreaterThanOrEqual((next.width + wide) / 2);
          }
          expect(strip.numeral).toBeGreaterThanOrEqual(15);
        },
      ),
    );
  });

  test("are those that the line asks for: its ends, one in three, chosen ones, none", () => {
    const of = (more: Partial<LineSettings>) => keys(lay(plainLine("0", "12", "1", 1, more)));
    expect(of({ labels: "ends" })).toEqual(["0", "12"]);
    expect(of({ labels: "every", every: 3 })).toEqual(["0", "3", "6", "9", "12"]);
    expect(of({ labels: "chosen", chosen: ["4", "7", "40"] })).toEqual(["4", "7"]);
    expect(of({ labels: "none" })).toEqual([]);
  });

  test("what is put on a line has a label, in a second row where the first is full", () => {
    const layout = lay(startingLine("0-100"), [
      { do: "start", number: "27" },
      { do: "jump", by: "3" },
      { do: "mark", ink: "sea", numbers: ["48"] },
    ]);
    expect(keys(layout)).toEqual(expect.arrayContaining(["27", "30", "48"]));
    expect(layout.labels.filter(({ led }) => led !== null).map(({ key }) => key)).toContain("48");
  });

  test("keep their size and place while the line slides", () => {
    const line = startingLine("0-100");
    const rest = lay(line);
    const span = slideSpan(wholeSpan(line), exact("910.4"));
    const moved = layOutLine(line, span, lineMarks(line, span, EMPTY_SCENE), ROOM, false, rest);
    expect([moved.numeral, moved.geometry.point(0, 0), moved.geometry.length]).toEqual([
      rest.numeral,
      rest.geometry.point(0, 0),
      rest.geometry.length,
    ]);
  });
});

describe("a touch on a line", () => {
  test("is about the number whose place it is on, on every shape", () => {
    for (const shape of ["flat", "upright"] as const) {
      const layout = lay({ ...startingLine("0-20"), shape }, [], { width: 900, height: 900 });
      for (let number = 0; number <= 20; number += 1) {
        const at = layout.geometry.point(layout.placing.partOf(exact(number)), 0);
        expect(nearestNumber(layout, at)).toBe(String(number));
      }
    }
    const ring = lay(startingLine("ring"), [], { width: 700, height: 700 });
    for (const number of ["0", "15", "22", "45", "59"]) {
      expect(nearestNumber(ring, ring.geometry.point(ring.placing.partOf(exact(number)), 0))).toBe(number);
    }
    const strip = lay(lineAs(startingLine("0-10"), "strip"));
    expect(numberNear(strip, strip.geometry.point(strip.placing.partOf(exact(7)), 0))).toBe("7");
  });

  test("on a label is about its number", () => {
    const layout = lay(startingLine("0-100"));
    const label = layout.labels.find(({ key }) => key === "40")!;
    expect(numberNear(layout, { x: label.x + label.width / 3, y: label.y })).toBe("40");
  });
});

describe("an open line", () => {
  test("has its numbers in order, none too near its neighbour, and each is found where it stands", () => {
    const put = fc
      .uniqueArray(fc.integer({ min: -5000, max: 5000 }), { minLength: 2, maxLength: 8 })
      .map((all) => all.sort((a, b) => a - b).map((number) => exact(number)));
    fc.assert(
      fc.property(put, (numbers) => {
        const placing = openPlacing({ from: exact(0), to: exact(100) }, numbers);
        const parts = numbers.map((number) => placing.partOf(number));
        parts.slice(1).forEach((part, i) => {
          expect(part - parts[i]!).toBeGreaterThan(0.02);
        });
        expect(parts.at(-1)!).toBeLessThanOrEqual(1);
        for (const number of numbers) {
          expect(placing.valueAt(placing.partOf(number)).sub(number).abs().valueOf()).toBeLessThan(0.01);
        }
      }),
    );
  });
});
