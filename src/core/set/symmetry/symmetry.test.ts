import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { type Condition, ruleOf, wholeTestOf } from "../rule";
import { HUNDRED_SQUARES, type Squares } from "../squares";
import { indexStep, type Picture, pictureOf, symmetriesOf } from "./find-symmetries";
import type { Symmetry } from "./symmetry";
import { symmetryWords, whyWords } from "./symmetry-words";

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

  test("a mirror has no reason given, nor has a rule without a period", () => {
    const squares: Squares = HUNDRED_SQUARES;
    expect(whyWords({ kind: "mirror", line: "level" }, ruleOf(multiples("5")), squares)).toBeNull();
    // The reason for half a turn does not explain a quarter turn.
    const fives = chart(5, 5);
    expect(whyWords({ kind: "turn", by: "half" }, ruleOf({ kind: "even", not: false }), fives)).toMatch(/26/);
    expect(whyWords({ kind: "turn", by: "quarter" }, ruleOf({ kind: "even", not: false }), fives)).toBeNull();
    expect(
      whyWords({ kind: "slide", down: 1, right: 0 }, ruleOf({ kind: "prime", not: false }), squares),
    ).toBeNull();
    expect(indexStep({ ...squares, reads: "back-and-forth" }, 1, 0)).toBeNull();
  });
});
