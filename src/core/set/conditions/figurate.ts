import { wordCondition } from "./condition";

/**
 * Numbers that are counted out by a formula: square, cube and triangular numbers. The formula rises from 0 on, so that the
 * place of a number in it is found from its root and the two places beside that, which floating-point roots may miss by one.
 */
const counted = <const K extends string>(
  kind: K,
  words: string,
  weight: number,
  term: (n: number) => number,
  about: (value: number) => number,
) => {
  const nth = (value: number): number => {
    let n = Math.max(0, Math.floor(about(value)) - 1);
    while (term(n) < value) n += 1;
    return n;
  };
  return wordCondition({
    kind,
    label: words,
    family: "numbers",
    asks: "number",
    whole: () => (number) => number >= 0 && term(nth(number)) === number,
    next: () => (from) => term(nth(Math.max(0, from))),
    noun: () => words,
    predicate: () => words,
    weight,
  });
};

/** 0, 1, 4, 9, 16, … (OEIS A000290). */
export const square = counted("square", "square numbers", 4, (n) => n * n, Math.sqrt);

/** 0, 1, 8, 27, 64, … (OEIS A000578). */
export const cube = counted("cube", "cube numbers", 5, (n) => n ** 3, Math.cbrt);

/** 0, 1, 3, 6, 10, … (OEIS A000217). */
export const triangular = counted(
  "triangular",
  "triangular numbers",
  5,
  (n) => (n * (n + 1)) / 2,
  (value) => Math.sqrt(2 * value),
);
