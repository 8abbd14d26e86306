import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { randomOf } from "../puzzle/draw";
import { fold } from "../scene/fold";
import { EMPTY_SCENE, inksAt, isCoveredAt, type Scene } from "../scene/scene";
import { holdsOf } from "../set/holds";
import { readRule } from "../set/read-rule";
import { type ChartSettings, chartNumbers } from "../surface/chart";
import type { LineSettings } from "../surface/line";
import type { TimesSettings } from "../surface/times-grid";
import { SHEET_KINDS } from "./kinds";
import { kindOfPart, makeCopy, newSheet, type PartSettings, SHEET_KIND_NAMES, Sheet } from "./sheet";
import { answersOf, type Made, type PaperView, type Task } from "./task";

/** Seeds for a kind: thousands in all, the same in every run. */
const RUNS = { numRuns: 1_500, seed: 9 };
const seeds = fc.nat({ max: 2 ** 31 - 1 });
const madeOf = <K extends keyof typeof SHEET_KINDS>(kind: K, settings: object, seed: number): Made => {
  const of = { ...SHEET_KINDS[kind].starts, ...settings } as PartSettings;
  return kindOfPart(of).make(of, randomOf(seed));
};
const asked = ({ question }: PaperView): Scene => fold(EMPTY_SCENE, question);
const answered = ({ question, answer }: PaperView): Scene => fold(EMPTY_SCENE, [...question, ...answer]);
/** A line of signs with its answers put in. */
const filled = ({ signs = [] }: Task) => signs.map((piece) => ("text" in piece ? piece.text : piece.blank));

describe("sheets answer themselves, whatever is drawn", () => {
  test("charts: what is missing is written, and nothing else; a count is coloured whole", () => {
    const missing = fc.constantFrom("none", "few", "some", "most", "all", "multiples");
    fc.assert(
      fc.property(seeds, missing, fc.integer({ min: 0, max: 12 }), (seed, how, colour) => {
        const { tasks } = madeOf("chart", { missing: how, of: 7, colour: colour === 1 ? 0 : colour }, seed);
        const { view } = tasks[0]!;
        const numbers = chartNumbers(view!.settings as ChartSettings);
        const [before, after] = [asked(view!), answered(view!)];
        for (const number of numbers) {
          const gone = isCoveredAt(before, number);
          if (how === "multiples") expect(gone).toBe(Number(number) % 7 === 0);
          expect(after.written.get(number) ?? null).toBe(gone ? number : null);
          expect(inksAt(before, number)).toBe(0);
          expect(inksAt(after, number) !== 0).toBe(colour > 1 && Number(number) % colour === 0);
        }
      }),
      { ...RUNS, numRuns: 300 },
    );
  });

  test("charts: pupils are asked only for what is there", () => {
    const told = (settings: object) => madeOf("chart", { rows: 5, ...settings }, 1).instruction;
    expect(told({ missing: "multiples", of: 60 })).toBe("Use this chart.");
    expect(told({ missing: "multiples", of: 50 })).toBe("Write the missing numbers.");
    expect(told({ missing: "none", colour: 60 })).toBe("Use this chart.");
    expect(told({ missing: "none", colour: 25 })).toBe("Colour the count in 25s from 0.");
  });

  test("lines: numbers typed as fractions are written as fractions", () => {
    const numbersOf = (settings: object) => {
      const { view } = madeOf("lines", settings, 1).tasks[0]!;
      return (view!.settings as LineSettings).numbers;
    };
    expect(numbersOf({ from: "0", to: "2", interval: "1/4" })).toBe("mixed");
    expect(numbersOf({ from: "1/2", to: "2", interval: "0.25" })).toBe("mixed");
    expect(numbersOf({ from: "0", to: "2", interval: "0.25" })).toBe("decimal");
  });

  test("problems: the answer makes the sentence true, and no number leaves its range", () => {
    fc.assert(
      fc.property(
        seeds,
        fc.constantFrom("add", "subtract", "both", "multiply", "divide"),
        fc.constantFrom("10", "20", "100", "1000"),
        fc.constantFrom("result", "part", "any"),
        (seed, operation, within, blank) => {
          for (const task of madeOf("problems", { operation, within, blank, lines: "none" }, seed).tasks) {
            const [a, sign, b, , c] = filled(task) as [string, string, string, string, string];
            const [x, y, z] = [a, b, c].map((text) => Number(text.replace(/,/g, ""))) as [
              number,
              number,
              number,
            ];
            expect({ "+": x + y, "−": x - y, "×": x * y, "÷": x / y }[sign]).toBe(z);
            for (const number of [x, y, z])
              expect(number >= 0 && number <= Math.max(Number(within), 4)).toBe(true);
            expect(answersOf(task)).toHaveLength(1);
          }
        },
      ),
      RUNS,
    );
  });

  test("problems of one's own stand as they are typed", () => {
    const { tasks } = madeOf("problems", { typed: "8 + ? = 12;; 30 − 4 = ?", lines: "labelled" }, 1);
    expect(tasks.map((task) => filled(task).join(" "))).toEqual(["8 + 4 = 12", "30 − 4 = 26"]);
  });

  test("a problem of any size has a line of few ticks, or none", () => {
    const ticks = (typed: string) => {
      const [task] = madeOf("problems", { typed, lines: "labelled" }, 1).tasks;
      if (!task!.view) return 0;
      const { from, to, interval, divisions } = task!.view.settings as LineSettings;
      return ((Number(to) - Number(from)) / Number(interval)) * divisions;
    };
    for (const typed of [
      "7 + 5 = ?",
      "340 + 85 = ?",
      "999999999999 − 1 = ?",
      "1 + 123456789 = ?",
      "−5 + 12 = ?",
    ]) {
      expect(ticks(typed), typed).toBeGreaterThan(0);
      expect(ticks(typed), typed).toBeLessThanOrEqual(140);
    }
    // A line ends at a billion thousands.
    expect(ticks("5000000000000 + 1 = ?")).toBe(0);
  });

  test("a problem's line holds its start, its landing and all between", () => {
    fc.assert(
      fc.property(seeds, fc.constantFrom("20", "100", "1000"), (seed, within) => {
        for (const { view } of madeOf("problems", { within, blank: "any" }, seed).tasks) {
          const { from, to } = view!.settings as { from: string; to: string };
          const { trail } = answered(view!);
          if (!trail) continue;
          for (const number of [trail.start, trail.end]) {
            expect(Number(number) >= Number(from) && Number(number) <= Number(to)).toBe(true);
          }
        }
      }),
      { ...RUNS, numRuns: 300 },
    );
  });

  test("a problem's line rings no number that is asked for, and shows no jump", () => {
    fc.assert(
      fc.property(seeds, fc.constantFrom("10", "20", "100"), (seed, within) => {
        for (const task of madeOf("problems", { within, blank: "any" }, seed).tasks) {
          const [before, after] = [asked(task.view!), answered(task.view!)];
          const shown = (task.signs ?? []).flatMap((piece) => ("text" in piece ? [piece.text] : []));
          expect(shown).toContain(before.focus);
          expect(before.trail).toBeNull();
          expect(after.trail).not.toBeNull();
        }
      }),
      { ...RUNS, numRuns: 400 },
    );
  });

  test("times grid puzzles have one answer: found by trying every place where the grid could stand", () => {
    const FAR = 60;
    fc.assert(
      fc.property(
        seeds,
        fc.integer({ min: 1, max: 6 }),
        fc.integer({ min: 1, max: 7 }),
        (seed, rows, level) => {
          const { tasks } = madeOf("times-puzzle", { rows, level, climbs: "no", count: 1 }, seed);
          const view = tasks[0]!.view!;
          const { row, column } = view.settings as TimesSettings;
          const [before, after] = [asked(view), answered(view)];
          const at = (key: string) => /r(\d+)c(\d+)/.exec(key)!.slice(1).map(Number) as [number, number];
          const [askedRow, askedColumn] = at(before.asked!.number);
          const clues = [...before.laid.touched.keys()].map((key) => at(key));
          const found = new Set<number>();
          for (let r = 1; r <= FAR; r += 1) {
            for (let c = 1; c <= FAR; c += 1) {
              const fits = clues.every(([y, x]) => (r + y - row) * (c + x - column) === y * x);
              if (fits) found.add((r + askedRow - row) * (c + askedColumn - column));
            }
          }
          expect([...found]).toEqual([askedRow * askedColumn]);
          expect(after.written.get(before.asked!.number)).toBe(String(askedRow * askedColumn));
        },
      ),
      { ...RUNS, numRuns: 400 },
    );
  });

  test("arrow routes land where a finger on the chart lands, and never leave it", () => {
    fc.assert(
      fc.property(
        seeds,
        fc.constantFrom("50", "100", "200"),
        fc.constantFrom("landing", "start"),
        (seed, last, ask) => {
          for (const task of madeOf("arrows", { last, ask, arrows: 6 }, seed).tasks) {
            const [start, route, , end] = filled(task) as [string, string, string, string];
            let [row, column] = [Math.floor((Number(start) - 1) / 10), (Number(start) - 1) % 10];
            for (const arrow of route.split(" ")) {
              if (arrow === "←") column -= 1;
              if (arrow === "→") column += 1;
              if (arrow === "↑") row -= 1;
              if (arrow === "↓") row += 1;
              expect(column >= 0 && column < 10 && row >= 0 && row * 10 < Number(last)).toBe(true);
            }
            expect(row * 10 + column + 1).toBe(Number(end));
          }
        },
      ),
      RUNS,
    );
  });

  test("pieces, frames and stops: the number asked for is the one that stands there", () => {
    fc.assert(
      fc.property(seeds, (seed) => {
        for (const task of madeOf("pieces", {}, seed).tasks)
          expect(asked(task.view!).focus).toBe(answersOf(task)[0]);
        for (const task of madeOf("frames", { ask: "count" }, seed).tasks) {
          expect(asked(task.view!).focus).toBe(answersOf(task)[0]);
        }
        for (const task of madeOf("frames", { ask: "through-ten" }, seed).tasks) {
          const [a, , b] = filled(task).map(Number) as [number, number, number];
          expect(answersOf(task).map(Number)).toEqual([a + b - 10, a + b]);
          expect(a + b > 10 && a < 10 && b < 10).toBe(true);
        }
        for (const { view } of madeOf("stops", { by: 7, from: 3 }, seed).tasks) {
          const [stop] = (view!.settings as { stops: string[] }).stops;
          expect((Number(stop) - 3) % 7).toBe(0);
        }
      }),
      RUNS,
    );
  });

  test("shadings: the sentence that answers them holds the shaded numbers, and no others", () => {
    fc.assert(
      fc.property(seeds, fc.constantFrom("plain", "digits", "puzzling"), (seed, level) => {
        for (const { view, line } of madeOf("shading", { level }, seed).tasks) {
          const rule = readRule(line!.answer.replace(/\.$/, ""));
          if (!rule) throw new Error(line!.answer);
          const holds = holdsOf(rule, () => 0);
          const scene = asked(view!);
          for (const number of chartNumbers(view!.settings as ChartSettings)) {
            expect([line!.answer, number, inksAt(scene, number) !== 0]).toEqual([
              line!.answer,
              number,
              holds(number),
            ]);
            expect(isCoveredAt(scene, number)).toBe(true);
          }
        }
      }),
      { ...RUNS, numRuns: 200 },
    );
  });
});

describe("a sheet", () => {
  const sheet = newSheet("s", "Posts", 5, { id: "p", instruction: "", of: SHEET_KINDS.chart.starts });

  test("starts of all kinds are what a lesson file takes, and are made", () => {
    for (const kind of SHEET_KIND_NAMES) {
      if (kind === "view") continue;
      const of = SHEET_KINDS[kind].starts;
      expect(Sheet.parse({ ...sheet, parts: [{ id: "p", instruction: "", of }] }).parts[0]!.of).toEqual(of);
      expect(
        makeCopy({ ...sheet, parts: [{ id: "p", instruction: "", of }] }, 0)[0]!.tasks.length,
      ).toBeGreaterThan(0);
    }
  });

  test("what makes no chart, no line and no problem is refused in words", () => {
    const why = (kind: keyof typeof SHEET_KINDS, settings: object) =>
      SHEET_KINDS[kind].schema.safeParse({ ...SHEET_KINDS[kind].starts, ...settings }).error?.issues[0]
        ?.message;
    expect(why("chart", { difference: "0" })).toBe("A chart cannot go up in 0. Write another number.");
    expect(why("lines", { from: "20", to: "5" })).toBe("Put the smaller number first.");
    expect(why("lines", { to: "2000000000000" })).toMatch(/^A line goes from −1,000,000,000,000/);
    expect(why("lines", { interval: "0.0001", to: "0.01" })).toBe("The smallest interval is 0.001.");
    expect(why("lines", { to: "201" })).toBe(
      "A line on paper has room for 200 ticks. Choose a larger interval.",
    );
    expect(why("problems", { typed: "8 + ? = 12; lamp" })).toMatch(/^“lamp”: /);
    expect(why("problems", { typed: Array(21).fill("1 + 1").join(";") })).toMatch(/room for 20 problems/);
    expect(why("problems", { typed: Array(20).fill("1 + 1").join(";") })).toBeUndefined();
  });

  test("what pupils do is said in the teacher's own words, where there are any", () => {
    const own = { ...sheet, parts: [{ ...sheet.parts[0]!, instruction: "Find the lamps." }] };
    expect(makeCopy(own, 0)[0]!.instruction).toBe("Find the lamps.");
    expect(makeCopy(sheet, 0)[0]!.instruction).toBe("Write the missing numbers.");
  });
});
