import { divisorsOf } from "../number/divisors";
import { showNumber } from "../number/show-number";
import { MAX_TIMES } from "../surface/cell-key";

/** A cell of a window, from 0 at its top left. */
export type Spot = { row: number; column: number };
export type Clue = Spot & { value: number };

/** A window of a times grid with its names hidden: some numbers show, one cell is asked for. */
export type TimesPuzzle = { clues: readonly Clue[]; asked: Spot };

/** What the clues determine: one answer, none, several possible answers, or anything if there are no clues. */
export type Verdict =
  | { kind: "one"; answer: number }
  | { kind: "none" }
  | { kind: "several"; answers: number[] }
  | { kind: "no-clue" };

/**
 * Every position of the window, as the row and column of its top left cell, that fits all clues. The clue with the
 * least number is factorised: its row divides it.
 */
export function positionsOf(clues: readonly Clue[]): Spot[] {
  const smallest = clues.reduce<Clue | null>((a, b) => (a && a.value <= b.value ? a : b), null);
  if (!smallest) return [];
  return divisorsOf(smallest.value)
    .map((row) => ({ row: row - smallest.row, column: smallest.value / row - smallest.column }))
    .filter(
      ({ row, column }) =>
        row >= 1 &&
        column >= 1 &&
        row <= MAX_TIMES &&
        column <= MAX_TIMES &&
        clues.every((clue) => (row + clue.row) * (column + clue.column) === clue.value),
    );
}

/** Whether the visible numbers determine the cell asked for: a puzzle is fair only with one answer. */
export function verdictOf({ clues, asked }: TimesPuzzle): Verdict {
  if (clues.length === 0) return { kind: "no-clue" };
  const answers = new Set(
    positionsOf(clues).map(({ row, column }) => (row + asked.row) * (column + asked.column)),
  );
  if (answers.size === 0) return { kind: "none" };
  if (answers.size === 1) return { kind: "one", answer: [...answers][0]! };
  return { kind: "several", answers: [...answers].sort((a, b) => a - b) };
}

/** The verdict in words for the teacher, at a display that the class sees too: a single answer is not named. */
export function verdictWords(verdict: Verdict): string {
  switch (verdict.kind) {
    case "one":
      return "One answer";
    case "none":
      return "No answer fits these numbers";
    case "several": {
      return `More than one answer fits: ${orWords(verdict.answers.map(String), 4)}`;
    }
    case "no-clue":
      return "No numbers are showing";
    default:
      return verdict satisfies never;
  }
}

/** Alternatives in words: "12 or 20", "6, 12 or 20", and beyond `max` how many more there are. */
function orWords(numbers: readonly string[], max: number): string {
  const shown = numbers.slice(0, max).map(showNumber);
  if (numbers.length > max) return `${shown.join(", ")} or ${numbers.length - max} more`;
  return new Intl.ListFormat("en-GB", { type: "disjunction" }).format(shown);
}
