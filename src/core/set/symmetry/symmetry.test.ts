import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { indexAtCell } from "../lattice";
import { type Condition, ruleOf, wholeTestOf } from "../rule";
import { HUNDRED_SQUARES, type Squares } from "../squares";
import { indexStep, type Picture, pictureOf, symmetriesOf } from "./find-symmetries";
import type { Symmetry } from "./symmetry";
import { symmetryWords } from "./symmetry-words";
import { whyWords } from "./why-words";

const chart = (columns: number, rows: number, first = "1"): Squares => ({
  ...HUNDRED_SQUARES,
  first,
  columns,
  count: columns * rows,
});
const shade = (squares: Squares, holds: (n: number) => boolean) =>
  pictureOf(squares, (index) => holds(Number(squares.first) + index));
const textOf = (symmetry: Symmetry) => Object.values(symmetry).join(" ");

/** The picture as rows of text, turned and mirrored by string operations: another way than the program's. */
const rowsOf = ({ rows, columns, squares }: Picture): string[] =>
  Array.from({ length: rows }, (_, r) =>
    squares
      .slice(r * columns, (r + 1) * columns)
      .map((is) => (is ? "#" : "."))
      .join(""),
  );
const flip = (rows: readonly string[]) => rows.map((row) => [...row].reverse().join(""));
const upsideDown = (rows: readonly string[]) => [...rows].reverse();
const across = (rows: readonly string[]) => [...rows[0]!].map((_, c) => rows.map((row) => row[c]).join(""));
const same = (a: readonly string[], b: readonly string[]) => a.join("\n") === b.join("\n");

describe("mirrors and turns", () => {
  test("are those that turning the picture by hand finds, on any shading", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 5 }),
        fc.integer({ min: 1, max: 5 }),
        fc.array(fc.boolean(), { minLength: 25, maxLength: 25 }),
        fc.constantFrom("as it is", "flipped", "turned", "quarters"),
        (columns, rows, shades, make) => {
          const plain = pictureOf(chart(columns, rows), (index) => shades[index]!);
          // Random pictures have no symmetry: some are made to have one.
          const made =
            make === "as it is"
              ? plain.squares
              : plain.squares.map((is, at) => {
                  const [r, c] = [Math.floor(at / columns), at % columns];
                  const other = (row: number, column: number) => plain.squares[row * columns + column]!;
                  if (make === "flipped") return is || other(r, columns - 1 - c);
                  if (make === "turned") return is || other(rows - 1 - r, columns - 1 - c);
                  if (rows !== columns) return is;
                  return (
                    is ||
                    other(c, rows - 1 - r) ||
                    other(rows - 1 - r, rows - 1 - c) ||
                    other(rows - 1 - c, r)
                  );
                });
          const picture: Picture = { ...plain, squares: made };
          if (!made.includes(true) || !made.includes(false)) {
            expect(symmetriesOf(picture)).toEqual([]);
            return;
          }
          const drawn = rowsOf(picture);
          const found = symmetriesOf(picture).map(textOf);
          expect(found.includes("mirror upright")).toBe(same(drawn, flip(drawn)));
          expect(found.includes("mirror level")).toBe(same(drawn, upsideDown(drawn)));
          expect(found.includes("mirror down-right")).toBe(same(drawn, across(drawn)));
          expect(found.includes("mirror down-left")).toBe(same(drawn, across(flip(upsideDown(drawn)))));
          const quarter = same(drawn, across(upsideDown(drawn)));
          expect(found.includes("turn quarter")).toBe(quarter);
          expect(found.includes("turn half")).toBe(!quarter && same(drawn, flip(upsideDown(drawn))));
        },
      ),
      { numRuns: 600 },
    );
  });

  test("a chart whose last row is short is not its own mirror image there", () => {
    const short = { ...chart(4, 3), count: 10 };
    expect(shade(short, () => true).squares.slice(8)).toEqual([true, true, null, null]);
    const level = symmetriesOf(pictureOf(short, (index) => [4, 5, 6, 7].includes(index))).map(textOf);
    expect(level).not.toContain("mirror level");
  });
});

describe("slides", () => {
  test("bring each square to one like it, and no shorter one does", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 9 }),
        fc.integer({ min: 3, max: 8 }),
        fc.integer({ min: 2, max: 9 }),
        (columns, rows, of) => {
          const picture = shade(chart(columns, rows), (n) => n % of === 0);
          const is = (r: number, c: number) => picture.squares[r * columns + c];
          const fits = (down: number, right: number) => {
            let [met, shaded] = [0, 0];
            for (let r = 0; r < rows; r += 1)
              for (let c = 0; c < columns; c += 1) {
                if (is(r, c)) shaded += 1;
                if (r + down >= rows || c + right < 0 || c + right >= columns) continue;
                if (is(r, c) !== is(r + down, c + right)) return false;
                if (is(r, c)) met += 1;
              }
            return met >= shaded / 2;
          };
          const slides = symmetriesOf(picture).filter((one) => one.kind === "slide");
          for (const { down, right } of slides) expect(fits(down, right)).toBe(true);
          const long = slides[0] ? slides[0].down ** 2 + slides[0].right ** 2 : Number.POSITIVE_INFINITY;
          if (!picture.squares.includes(true) || !picture.squares.includes(false)) return;
          for (let down = 0; down <= rows / 2; down += 1)
            for (let right = -Math.floor(columns / 2); right <= columns / 2; right += 1)
              if ((down > 0 || right > 0) && down ** 2 + right ** 2 < long)
                expect(fits(down, right)).toBe(false);
        },
      ),
    );
  });
});

describe("what is said of it, and why", () => {
  const multiples = (of: string): Condition => ({ kind: "multiples", not: false, of });
  const said = (condition: Condition, squares: Squares) =>
    symmetriesOf(shade(squares, wholeTestOf(condition))).map((one) => [
      symmetryWords(one),
      whyWords(one, ruleOf(condition), squares),
    ]);

  // Common practice, no source: the nines run down a diagonal because nine more is one row down and one back.
  test("the multiples of 9 on a ten-wide chart", () => {
    expect(said(multiples("9"), HUNDRED_SQUARES)).toContainEqual([
      "It repeats 1 row down and 1 column to the left.",
      "Because 1 row down and 1 column to the left is 9 more.",
    ]);
  });

  test("even numbers, elevens, and nines from 0 to 99", () => {
    expect(said({ kind: "even", not: false }, HUNDRED_SQUARES)).toContainEqual([
      "It repeats 1 row down.",
      "Because 1 row down is 10 more, and 10 is a multiple of 2.",
    ]);
    expect(said(multiples("11"), HUNDRED_SQUARES)).toContainEqual([
      "It repeats 1 row down and 1 column to the right.",
      "Because 1 row down and 1 column to the right is 11 more.",
    ]);
    expect(said(multiples("9"), chart(10, 10, "0"))).toContainEqual([
      "It looks the same after half a turn.",
      "Because numbers across from each other add up to 99, a multiple of 9.",
    ]);
  });

  test("on a chart that climbs, a row down is less", () => {
    const climbs: Squares = { ...HUNDRED_SQUARES, climb: "up" };
    expect(indexStep(climbs, 1, 1)).toBe(-9);
    expect(said(multiples("9"), climbs)).toContainEqual([
      "It repeats 1 row down and 1 column to the right.",
      "Because 1 row down and 1 column to the right is 9 less.",
    ]);
  });

  // Common practice, no source: 12 and 21, 27 and 72 differ by a multiple of 9.
  test("a mirror of the nines, of the fives, and of even numbers in rows of nine", () => {
    expect(said(multiples("9"), HUNDRED_SQUARES)).toContainEqual([
      "It is its own mirror image across the slope from the top left.",
      "Because numbers across from each other differ by 9, 18, 27, …, all multiples of 9.",
    ]);
    expect(said(multiples("5"), HUNDRED_SQUARES)).toContainEqual([
      "It is its own mirror image, top and bottom.",
      "Because numbers across from each other differ by 10, 30, 50, …, all multiples of 5.",
    ]);
    expect(said(multiples("9"), chart(10, 10, "0"))).toContainEqual([
      "It is its own mirror image across the slope from the top right.",
      "Because numbers across from each other add up to 27, 36, 45, …, all multiples of 9.",
    ]);
  });

  test("no reason is given where the rule has no period, or does not explain it", () => {
    const squares: Squares = HUNDRED_SQUARES;
    const prime = ruleOf({ kind: "prime", not: false });
    expect(whyWords({ kind: "slide", down: 1, right: 0 }, prime, squares)).toBeNull();
    expect(whyWords({ kind: "mirror", line: "level" }, prime, squares)).toBeNull();
    expect(whyWords({ kind: "mirror", line: "level" }, ruleOf(multiples("3")), squares)).toBeNull();
    expect(indexStep({ ...squares, reads: "back-and-forth" }, 1, 0)).toBeNull();
  });

  test("what is said of numbers across from each other is so, on charts of every layout", () => {
    const reasons = { sums: 0, differences: 0 };
    fc.assert(
      fc.property(
        fc.record({
          columns: fc.integer({ min: 2, max: 8 }),
          rows: fc.integer({ min: 2, max: 8 }),
          first: fc.integer({ min: -5, max: 12 }),
          difference: fc.constantFrom("1", "2", "0.5", "-1"),
          run: fc.constantFrom("across" as const, "down" as const),
          climb: fc.constantFrom("down" as const, "up" as const),
          reads: fc.constantFrom("one-way" as const, "back-and-forth" as const),
        }),
        fc.integer({ min: 2, max: 9 }),
        ({ columns, rows, first, ...ways }, of) => {
          const squares: Squares = { ...ways, columns, count: columns * rows, first: String(first) };
          const numbers = Array.from(
            { length: columns * rows },
            (_, i) => first + i * Number(ways.difference),
          );
          const picture = pictureOf(squares, (index) => Number.isInteger(numbers[index]! / of));
          // Each square's number, as a reader of the chart sees it.
          const seen = Array.from({ length: rows }, (_, row) =>
            Array.from({ length: columns }, (_, column) => numbers[indexAtCell(squares, { row, column })!]!),
          );
          const turns: Record<string, (r: number, c: number) => number> = {
            upright: (r, c) => seen[r]![columns - 1 - c]!,
            level: (r, c) => seen[rows - 1 - r]![c]!,
            "down-right": (r, c) => seen[c]![r]!,
            "down-left": (r, c) => seen[columns - 1 - c]![rows - 1 - r]!,
            half: (r, c) => seen[rows - 1 - r]![columns - 1 - c]!,
            quarter: (r, c) => seen[c]![rows - 1 - r]!,
          };
          for (const symmetry of symmetriesOf(picture)) {
            const why = whyWords(symmetry, ruleOf(multiples(String(of))), squares);
            if (symmetry.kind === "slide" || !why) continue;
            const other = turns[symmetry.kind === "mirror" ? symmetry.line : symmetry.by]!;
            const isSum = why.includes("add up to");
            reasons[isSum ? "sums" : "differences"] += 1;
            const all = seen.flatMap((row, r) =>
              row.flatMap((n, c) => {
                const m = other(r, c);
                return m === n ? [] : [isSum ? n + m : Math.abs(n - m)];
              }),
            );
            const inOrder = [...new Set(all)].sort(
              (a, b) => (a - b) * (isSum && ways.difference === "-1" ? -1 : 1),
            );
            const named = why
              .match(/(?:add up to|differ by) ((?:−?[\d.]*\d(?:, )?)+)/)![1]!
              .split(", ")
              .filter(Boolean)
              .map((text) => Number(text.replace("−", "-")));
            expect(named).toEqual(inOrder.slice(0, named.length));
            for (const one of all) expect(Number.isInteger(one / of)).toBe(true);
          }
        },
      ),
      { numRuns: 400 },
    );
    // Random charts have reasons of both kinds.
    expect(Math.min(reasons.sums, reasons.differences)).toBeGreaterThan(10);
  });
});
