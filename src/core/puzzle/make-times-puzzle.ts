import type { Random } from "./draw";
import { shuffle } from "./draw";
import { type Clue, type Spot, type TimesPuzzle, verdictOf } from "./times-puzzle";

/** The rows that the window of a puzzle may have. */
export const PUZZLE_ROWS = [1, 2, 3, 4, 5, 6] as const;
export const PUZZLE_COLUMNS = 6;

/** The difficulty of a puzzle, 1 to 10: where its window may begin, and how few numbers show. */
export const LEVELS: readonly { from: number; to: number; clues: number }[] = [
  { from: 1, to: 1, clues: 5 },
  { from: 1, to: 2, clues: 4 },
  { from: 1, to: 4, clues: 3 },
  { from: 2, to: 5, clues: 3 },
  { from: 2, to: 8, clues: 2 },
  { from: 3, to: 10, clues: 2 },
  { from: 5, to: 14, clues: 2 },
  { from: 2, to: 8, clues: 1 },
  { from: 4, to: 15, clues: 1 },
  { from: 8, to: 40, clues: 1 },
];

/** A puzzle with its window and its answer. */
export type MadePuzzle = TimesPuzzle & { at: Spot; rows: number; columns: number; answer: number };

/** In one row a single number never leaves one answer: its hardest levels show two, further and further out. */
const ONE_ROW: readonly { from: number; to: number; clues: number }[] = [
  { from: 8, to: 20, clues: 2 },
  { from: 12, to: 30, clues: 2 },
  { from: 20, to: 60, clues: 2 },
];

/** Where a puzzle of a level begins, and how few numbers show in it: harder from level to level, in any number of rows. */
export function levelOf(level: number, rows: number): { from: number; to: number; clues: number } {
  const index = Math.max(1, Math.min(LEVELS.length, Math.round(level))) - 1;
  const hardest = index - (LEVELS.length - ONE_ROW.length);
  return rows === 1 && hardest >= 0 ? ONE_ROW[hardest]! : LEVELS[index]!;
}

const TRIES = 600;

/**
 * A fair puzzle of a level: the numbers that show leave one answer for the asked cell. Where a level's few clues
 * are never enough, as one number is not in a single row, it shows one more.
 * @param level 1 to 10
 */
export function makeTimesPuzzle(level: number, rows: number, random: Random): MadePuzzle {
  const { from, to, clues: wished } = levelOf(level, rows);
  const columns = PUZZLE_COLUMNS;
  for (let clues = wished; ; clues += 1) {
    for (let attempt = 0; attempt < TRIES; attempt += 1) {
      const at = { row: random(from, to), column: random(from, to) };
      const spots = shuffle(spotsOf(rows, columns), random);
      const asked = spots[0]!;
      const shown = spots.slice(1, 1 + clues).map((spot): Clue => ({ ...spot, value: valueIn(at, spot) }));
      const verdict = verdictOf({ clues: shown, asked });
      if (verdict.kind === "one") return { clues: shown, asked, at, rows, columns, answer: verdict.answer };
    }
  }
}

const spotsOf = (rows: number, columns: number): Spot[] =>
  Array.from({ length: rows * columns }, (_, i) => ({ row: Math.floor(i / columns), column: i % columns }));

const valueIn = (at: Spot, spot: Spot) => (at.row + spot.row) * (at.column + spot.column);
