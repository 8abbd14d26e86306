import fc from "fast-check";
import { all, create } from "mathjs";
import { describe, expect, test } from "vitest";
import { exact, keyOf } from "../number/exact";
import { LineSettings, plainLine } from "../surface/line";
import * as z from "../zod";
import { problemLine, readProblem } from "./problem";

// mathjs (mathjs.org) with exact fractions, a general-purpose library, checks the answers.
const math = create(all!, { number: "Fraction" });
const read = (typed: string) => {
  const said = readProblem(typed);
  if (!said.ok) return said.message;
  const { parts, answer, start } = said.problem;
  return `${parts.map(({ text, blank }) => (blank ? "_" : text)).join(" ")} | ${answer} | ${start}`;
};
const HINT = "Write a number sentence with one blank, such as 8 − 3 = ? or 8 + ? = 12.";

describe("a problem", () => {
  test.each([
    ["8 - 3 = ?", "8 − 3 = _ | 5 | 8"],
    ["8 − 3", "8 − 3 = _ | 5 | 8"],
    ["8 - 3 =", "8 − 3 = _ | 5 | 8"],
    ["8 + ? = 12", "8 + _ = 12 | 4 | 8"],
    ["? + 5 = 12", "_ + 5 = 12 | 7 | 7"],
    ["? - 5 = 12", "_ − 5 = 12 | 17 | 17"],
    ["12 - ? = 5", "12 − _ = 5 | 7 | 12"],
    ["4 x 6 = ?", "4 × 6 = _ | 24 | 0"],
    ["4 x ? = 24", "4 × _ = 24 | 6 | 0"],
    ["24 : 6 = ?", "24 ÷ 6 = _ | 4 | 24"],
    ["24 ÷ ? = 4", "24 ÷ _ = 4 | 6 | 24"],
    ["? : 6 = 4", "_ ÷ 6 = 4 | 24 | 24"],
    ["24 / ? = 4", "24 ÷ _ = 4 | 6 | 24"],
    ["?/6 = 4", "_ ÷ 6 = 4 | 24 | 24"],
    ["24 / 6 = ?", "24 ÷ 6 = _ | 4 | 24"],
    ["24/6", "24 ÷ 6 = _ | 4 | 24"],
    ["10 ÷ ? = 4", "10 ÷ _ = 4 | 2.5 | 10"],
    ["-3 + 5 = ?", "−3 + 5 = _ | 2 | -3"],
    ["-3 - -5", "−3 − −5 = _ | 2 | -3"],
    ["-3 + ? = 4", "−3 + _ = 4 | 7 | -3"],
    ["1/4 + ? = 1", "1/4 + _ = 1 | 0.75 | 0.25"],
    ["1/2 + ? = 3/4", "1/2 + _ = 3/4 | 0.25 | 0.5"],
    ["1 1/2 - 3/4", "1 1/2 − 3/4 = _ | 0.75 | 1.5"],
    ["½ + ? = 1 ¼", "1/2 + _ = 1 1/4 | 0.75 | 0.5"],
    ["8 + __ = 12", "8 + _ = 12 | 4 | 8"],
    ["□ + 5 = 12", "_ + 5 = 12 | 7 | 7"],
    ["[ ] + 5 = 12", "_ + 5 = 12 | 7 | 7"],
    ["8 + … = 12", "8 + _ = 12 | 4 | 8"],
    ["8 - 3 = ...", "8 − 3 = _ | 5 | 8"],
    ["( ) x 6 = 18", "_ × 6 = 18 | 3 | 0"],
    ["? = 8 + 4", "_ = 8 + 4 | 12 | 8"],
    ["? = 24/6", "_ = 24 ÷ 6 | 4 | 24"],
    ["12 = 8 + ?", "12 = 8 + _ | 4 | 8"],
    // Missing number problems "such as 7 = □ − 9": national curriculum in England, mathematics, year 1 (from memory).
    ["7 = □ − 9", "7 = _ − 9 | 16 | 16"],
    ["-7 = 2 - ?", "−7 = 2 − _ | 9 | 2"],
    ["8 + ? + 2 = 15", "8 + _ + 2 = 15 | 5 | 8"],
    ["20 - 3 - ? = 7", "20 − 3 − _ = 7 | 10 | 20"],
    ["? + 2 + 3 = 10", "_ + 2 + 3 = 10 | 5 | 5"],
    ["1 000 + ? + 10 = 1 250", "1,000 + _ + 10 = 1,250 | 240 | 1000"],
    ["100 = 60 + ? + 10", "100 = 60 + _ + 10 | 30 | 60"],
  ])("%s reads %s", (typed, said) => {
    expect(read(typed)).toBe(said);
  });

  test.each([
    ["", HINT],
    ["? + ? = 5", HINT],
    ["8 + 3 = 11", HINT],
    ["8 = 3 = ?", HINT],
    ["7 + 5 = 10 + ?", "Write a single number, or the blank, on one side of “=”, such as 12 = 10 + ?."],
    ["2 x ? + 1 = 7", HINT],
    ["? = 12", HINT],
    ["8 + = ?", "A number is missing at the end of the sentence."],
    ["0 x ? = 5", "Any number times 0 is 0. Write another problem."],
    ["24 ÷ ? = 0", "There is no one answer with 0 there. Write another problem."],
    ["? ÷ 0 = 4", "There is no one answer with 0 there. Write another problem."],
    ["25 ÷ ? = 2.5", "The jumps of that division do not fit on a line. Write another problem."],
    ["8 + ? = many", "Write a number, such as 7, −3, 0.2 or 3/4."],
    ["1".repeat(61), "That is too long. Write at most 60 characters."],
  ])("%s: %s", (typed, message) => {
    expect(read(typed)).toBe(message);
  });

  test.each([
    ["8 + 5", "8: 5"],
    ["12 − ? = 5", "12: -7"],
    ["4 × 6", "0: 6 6 6 6"],
    ["? × 6 = 18", "0: 6 6 6"],
    ["24 ÷ 6", "24: -6 -6 -6 -6"],
    ["24 ÷ ? = 4", "24: -6 -6 -6 -6"],
    ["? ÷ 6 = 4", "24: -6 -6 -6 -6"],
    ["7 = ? − 9", "16: -9"],
    ["8 + ? + 2 = 15", "8: 5 2"],
  ])("the jumps of %s: %s", (typed, said) => {
    const { start, jumps, end } = (
      readProblem(typed) as Extract<ReturnType<typeof readProblem>, { ok: true }>
    ).problem;
    expect(`${start}: ${jumps.join(" ")}`).toBe(said);
    const sum = jumps.reduce((so, by) => so.add(exact(by)), exact(start));
    expect(keyOf(sum)).toBe(end);
  });

  test("typed in fractions it has a line in their parts, and in decimals one in tenths", () => {
    const lineOf = (typed: string) => {
      const said = readProblem(typed);
      return said.ok && { fractions: said.problem.fractions, ...problemLine(said.problem) };
    };
    const wholes = { from: "0", to: "2", interval: "1" };
    expect(lineOf("1/2 + 3/4 = ?")).toEqual({ fractions: true, ...wholes, divisions: 4 });
    expect(lineOf("1/2 + 2/3 = ?")).toEqual({ fractions: true, ...wholes, divisions: 6 });
    expect(lineOf("0.5 + 0.75 = ?")).toEqual({
      fractions: false,
      from: "0",
      to: "2",
      interval: "0.1",
      divisions: 1,
    });
  });

  test("nothing typed throws", () => {
    const signs = fc.array(fc.constantFrom(..."0123456789+−×÷()=?/., x".split("")), { maxLength: 70 });
    fc.assert(fc.property(signs, (typed) => void readProblem(typed.join(""))));
  });

  test("its answer makes the sentence true, as mathjs evaluates it, and its line holds its numbers", () => {
    const number = fc.integer({ min: 0, max: 500 });
    fc.assert(
      fc.property(number, number, fc.constantFrom("+", "-"), fc.nat(2), (a, b, sign, blank) => {
        const c = math.evaluate(`${a} ${sign} ${b}`).valueOf();
        const sides = [a, b, Number(c)].map((value, i) => (i === blank ? "?" : String(value)));
        const said = readProblem(`${sides[0]} ${sign} ${sides[1]} = ${sides[2]}`);
        if (!said.ok) throw new Error(said.message);
        expect(said.problem.answer).toBe(String([a, b, c][blank]));
        const { from, to, interval, divisions } = problemLine(said.problem);
        expect(LineSettings(z).safeParse(plainLine(from, to, interval, divisions)).success).toBe(true);
        for (const key of [said.problem.start, said.problem.end]) {
          expect(exact(key).compare(exact(from))).toBeGreaterThanOrEqual(0);
          expect(exact(key).compare(exact(to))).toBeLessThanOrEqual(0);
        }
        expect(keyOf(exact(said.problem.start))).toBe(said.problem.start);
      }),
    );
  });
});
