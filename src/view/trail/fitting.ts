import type { Size } from "../drawing";

/** Maximum number of listed numbers, and of rows of ones digits; an ellipsis before them stands for the rest. */
export const LISTED = 40;
const ROWS = 4;
/** The last few are listed in any room. */
const MIN = 3;

/** The height of a title, a line of numbers and a row of ones digits, in text sizes. */
export const HIGH = { title: 1.5, line: 1.375, row: 1.3 } as const;
/** The width of a digit, and of the separator of two numbers, in text sizes. */
const [DIGIT, APART] = [0.56, 0.52];

type Fitted = {
  room: Size;
  /** The height of the other parts, with the gaps after them. */
  used: number;
  title: number;
  gap: number;
  /** The latest numbers of the count as text, and their size; null if they are not listed. */
  numbers: { texts: readonly string[]; size: number } | null;
  ones: { rows: number; size: number } | null;
};

/**
 * How many of the latest numbers of a count, and of the latest rows of its ones digits, fit below each other: what the
 * class has come to is in sight without a scroll. If not one row fits below the numbers, there are none.
 */
export function fitting(of: Fitted): { listed: number; rows: number } {
  const { room, used, title, gap, numbers, ones } = of;
  const head = title * HIGH.title + 4 + gap;
  const line = (numbers?.size ?? 0) * HIGH.line;
  const row = (ones?.size ?? 0) * HIGH.row;
  // After the last part there is no gap.
  const left = room.height + gap - used - (numbers ? head : 0) - (ones ? head : 0);
  if (ones && left < line + row) return fitting({ ...of, ones: null });
  // Two lines of numbers come before a second row of ones digits.
  const several = Math.floor((left - 2 * line - (ones?.size ?? 0)) / Math.max(1, row));
  const rows = Math.min(ones?.rows ?? 0, ROWS, Math.max(1, several));
  const ofOnes = ones ? rows * row + (rows > 1 && rows < ones.rows ? ones.size : 0) : 0;
  const lines = Math.max(1, Math.floor((left - ofOnes) / Math.max(1, line)));
  const longest = Math.max(1, ...(numbers?.texts ?? []).map(({ length }) => length));
  const across = Math.max(1, Math.floor(room.width / ((numbers?.size ?? 1) * (longest * DIGIT + APART))));
  // The ellipsis before them and the question after them take room too.
  return { listed: Math.max(MIN, Math.min(LISTED, lines * across - 1)), rows };
}

/** The height of a line of the sentence or of words, and the approximate width of a letter, in text sizes. */
export const [LINE, LETTER] = [1.25, 0.52];
/** A number sentence is bold, and must not break if one line is planned. */
export const LETTER_OF_SENTENCE = 0.62;
/** No sentence is smaller, in pixels. */
const MIN_SENTENCE = 14;

/** The approximate number of lines for a number of letters of a size. */
export const linesOf = (letters: number, size: number, { width }: Size) =>
  Math.max(1, Math.ceil((letters * LETTER * size) / Math.max(1, width)));

/** Where the title of a part stands: above it, before it in one row, or only for screen readers. */
export type TitlePlace = "above" | "before" | "heard";

/**
 * The size of a sentence that stands alone. In a room too low for its title above it, the title stands beside it or is
 * left out, whichever makes the sentence larger.
 */
export function fitSentence(
  letters: number,
  max: number,
  room: Size,
  title: { across: number; down: number },
): { size: number; title: TitlePlace } {
  const fits = (size: number, height: number) => linesOf(letters, size, room) * LINE * size <= height;
  if (fits(max, room.height - title.down)) return { size: max, title: "above" };
  const across = (room.width - title.across) / (Math.max(1, letters) * LETTER_OF_SENTENCE);
  const before = Math.min(max, room.height / LINE, across);
  let alone = max;
  while (alone > MIN_SENTENCE && !fits(alone, room.height)) alone -= 1;
  // Its title is worth a little of its size.
  return before >= alone * 0.75 ? { size: before, title: "before" } : { size: alone, title: "heard" };
}
