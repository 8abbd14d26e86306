import fc from "fast-check";
import { evaluate } from "mathjs";
import { describe, expect, test } from "vitest";
import { divisorsOf } from "../number/divisors";
import { cellAt, cellKey, MAX_TIMES, numberOf, TargetText } from "../surface/cell-key";
import { clampWindow, NEW_TIMES, productAt, TimesSettings, windowCells } from "../surface/times-grid";
import * as z from "../zod";
import { randomOf } from "./draw";
import { LEVELS, makeTimesPuzzle, PUZZLE_ROWS } from "./make-times-puzzle";
import { type Clue, positionsOf, type TimesPuzzle, verdictOf, verdictWords } from "./times-puzzle";

const TABLE = 60;

/** Every answer within a table of 60 × 60, by trying every position of the window. */
function byBruteForce({ clues, asked }: TimesPuzzle): number[] {
  const answers = new Set<number>();
  for (let row = 1; row <= TABLE; row += 1) {
    for (let column = 1; column <= TABLE; column += 1) {
      if (clues.every((clue) => (row + clue.row) * (column + clue.column) === clue.value))
        answers.add((row + asked.row) * (column + asked.column));
    }
  }
  return [...answers].sort((a, b) => a - b);
}

const anySpot = fc.record({ row: fc.nat({ max: 5 }), column: fc.nat({ max: 5 }) });
/** A window of the table with some of its numbers showing; small, so that nothing fits it beyond the table. */
const anyPuzzle = fc
  .record({
    at: fc.record({ row: fc.integer({ min: 1, max: 7 }), column: fc.integer({ min: 1, max: 7 }) }),
    clues: fc.array(anySpot, { minLength: 1, maxLength: 3 }),
    asked: anySpot,
  })
  .map(({ at, clues, asked }) => ({
    asked,
    clues: clues.map((spot): Clue => ({ ...spot, value: (at.row + spot.row) * (at.column + spot.column) })),
  }))
  .filter(({ clues }) => clues.every(({ value }) => value <= TABLE));

describe("the multiplication table", () => {
  // The multiplication table itself, worked out by mathjs.
  test("row r, column c holds r × c", () => {
    for (let r = 1; r <= 12; r += 1) {
      for (let c = 1; c <= 12; c += 1) expect(productAt(r, c)).toBe(String(evaluate(`${r} * ${c}`)));
    }
  });

  test("is exact to its last place, a million times a million", () => {
    expect(productAt(MAX_TIMES, MAX_TIMES)).toBe("1000000000000");
    expect(productAt(999_999, 999_983)).toBe((999_999n * 999_983n).toString());
    expect(numberOf("r999999c999983")).toBe((999_999n * 999_983n).toString());
  });

  test("a window stays within the grid, and names its places", () => {
    expect(clampWindow(NEW_TIMES, { row: -5, column: 2_000_000 })).toEqual({ row: 1, column: 999_991 });
    const small = { ...NEW_TIMES, rows: 2, columns: 3 };
    expect(windowCells(small, { row: 3, column: 8 })).toEqual([
      "r3c8",
      "r3c9",
      "r3c10",
      "r4c8",
      "r4c9",
      "r4c10",
    ]);
    expect(cellAt(cellKey(3, 8))).toEqual({ row: 3, column: 8 });
    expect([numberOf("r3c8"), numberOf("24")]).toEqual(["24", "24"]);
  });

  test.each([
    [{ rows: 21 }, false],
    [{ columns: 25 }, false],
    [{ columns: 2 }, false],
    [{ row: 0 }, false],
    [{ row: 999_992 }, false],
    [{ row: 999_991 }, true],
    [{ rows: 20, columns: 24 }, true],
  ])("a window of %o", (part, fits) => {
    expect(TimesSettings(z).safeParse({ ...NEW_TIMES, ...part }).success).toBe(fits);
  });

  test("a place of a lesson is checked like a number", () => {
    for (const text of ["r3c8", "24", "1/2"]) expect(TargetText(z).safeParse(text).success).toBe(true);
    for (const text of ["r0c8", "r3", "r3c8x", "r1000001c1", "r1e9c1", "rc"])
      expect(TargetText(z).safeParse(text).success).toBe(false);
  });
});

describe("divisors", () => {
  test("are those that mathjs finds no rest for", () => {
    for (let n = 1; n <= 400; n += 1) {
      const expected = Array.from({ length: n }, (_, i) => i + 1).filter(
        (d) => evaluate(`mod(${n}, ${d})`) === 0,
      );
      expect(divisorsOf(n)).toEqual(expected);
    }
  });

  test("multiply in pairs to the number, of large ones too", () => {
    for (const n of [999_999_999_989, 963_761_198_400, 10 ** 12]) {
      const divisors = divisorsOf(n);
      for (const [i, d] of divisors.entries()) expect(d * divisors.at(-1 - i)!).toBe(n);
    }
    // The number of divisors of the highly composite number 963761198400: OEIS A002182 and A002183, from memory.
    expect(divisorsOf(963_761_198_400)).toHaveLength(6720);
    expect(divisorsOf(999_999_999_989)).toEqual([1, 999_999_999_989]);
  });

  test.each([0, -6, 1.5, 10 ** 13, Number.NaN])("of %d there are none to be found", (n) => {
    expect(() => divisorsOf(n)).toThrow(RangeError);
  });
});

describe("a puzzle", () => {
  test("has the answers that brute force finds in a table of 60 × 60", () => {
    fc.assert(
      fc.property(anyPuzzle, (puzzle) => {
        const verdict = verdictOf(puzzle);
        const answers =
          verdict.kind === "one" ? [verdict.answer] : verdict.kind === "several" ? verdict.answers : [];
        expect(answers).toEqual(byBruteForce(puzzle));
      }),
      { numRuns: 150 },
    );
  });

  test("its positions all fit, and the one it was taken from is among them", () => {
    fc.assert(
      fc.property(anyPuzzle, ({ clues }) => {
        const positions = positionsOf(clues);
        expect(positions.length).toBeGreaterThan(0);
        for (const { row, column } of positions) {
          for (const clue of clues) expect((row + clue.row) * (column + clue.column)).toBe(clue.value);
        }
      }),
    );
  });

  test("worked examples: one answer, none, several, no clue", () => {
    const asked = { row: 0, column: 1 };
    expect(verdictOf({ clues: [{ row: 5, column: 5, value: 36 }], asked })).toEqual({
      kind: "one",
      answer: 2,
    });
    expect(verdictOf({ clues: [{ row: 5, column: 5, value: 35 }], asked })).toEqual({ kind: "none" });
    const six = verdictOf({ clues: [{ row: 0, column: 0, value: 6 }], asked });
    expect(six).toEqual({ kind: "several", answers: [7, 8, 9, 12] });
    expect(verdictOf({ clues: [], asked })).toEqual({ kind: "no-clue" });
    expect(verdictWords(six)).toBe("More than one answer fits: 7, 8, 9 or 12");
    expect(verdictWords({ kind: "one", answer: 24 })).toBe("One answer");
  });
});

describe("the maker of puzzles", () => {
  test("makes fair ones at every level and for every window, as brute force agrees", () => {
    for (const rows of PUZZLE_ROWS) {
      for (let level = 1; level <= LEVELS.length; level += 1) {
        for (let seed = 0; seed < 12; seed += 1) {
          const puzzle = makeTimesPuzzle(level, rows, randomOf(seed, level));
          expect(verdictOf(puzzle)).toEqual({ kind: "one", answer: puzzle.answer });
          const { at, asked } = puzzle;
          expect((at.row + asked.row) * (at.column + asked.column)).toBe(puzzle.answer);
          expect(byBruteForce(puzzle)).toContain(puzzle.answer);
          expect(byBruteForce(puzzle)).toHaveLength(1);
          expect(asked.row < rows && asked.column < puzzle.columns).toBe(true);
        }
      }
    }
  });

  test("gets harder from level to level in any number of rows: fewer numbers show, or larger ones", () => {
    const made = 40;
    const mean = (rows: number, level: number) => {
      const puzzles = Array.from({ length: made }, (_, seed) =>
        makeTimesPuzzle(level, rows, randomOf(seed, level)),
      );
      return {
        clues: Math.round(puzzles.reduce((sum, { clues }) => sum + clues.length, 0) / made),
        answer: puzzles.reduce((sum, { answer }) => sum + answer, 0) / made,
      };
    };
    for (const rows of PUZZLE_ROWS) {
      const means = LEVELS.map((_, index) => mean(rows, index + 1));
      means.slice(1).forEach((here, index) => {
        const before = means[index]!;
        const harder =
          here.clues < before.clues || (here.clues === before.clues && here.answer > before.answer);
        expect(harder, `${rows} rows, level ${index + 2}: ${JSON.stringify([before, here])}`).toBe(true);
      });
    }
  });

  test("makes the same puzzle for the same seed", () => {
    expect(makeTimesPuzzle(7, 2, randomOf(5, 3))).toEqual(makeTimesPuzzle(7, 2, randomOf(5, 3)));
  });
});
