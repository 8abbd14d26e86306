import type { Size } from "../drawing";

/** Most numbers listed, and most rows of ones digits; before them an ellipsis stands for the rest. */
export const LISTED = 40;
const ROWS = 4;
/** The last few are listed in any room. */
const LEAST = 3;

/** How high a title, a line of numbers and a row of ones digits are, of their size. */
export const HIGH = { title: 1.5, line: 1.375, row: 1.3 } as const;
/** How wide a digit is, and what separates two numbers, of their size. */
const [DIGIT, APART] = [0.56, 0.52];

type Fitted = {
  room: Size;
  /** How much of the height other parts take, with the gaps after them. */
  used: number;
  title: number;
  gap: number;
  /** The last numbers of the count as they are written, and how large; null where they are not listed. */
  numbers: { texts: readonly string[]; size: number } | null;
  ones: { rows: number; size: number } | null;
};

/**
 * How many of the last numbers of a count, and of the last rows of its ones digits, have room below each other: what the
 * class has come to is in sight, without a scroll. Where not one row has room below the numbers, there are none.
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
  return { listed: Math.max(LEAST, Math.min(LISTED, lines * across - 1)), rows };
}

/** How high a line of the sentence or of words is, and about how wide a letter, of their size. */
export const [LINE, LETTER] = [1.25, 0.52];
/** A number sentence is bold, and is not to break where it has one line. */
export const LETTER_OF_SENTENCE = 0.62;
/** No sentence is smaller, in pixels. */
const LEAST_SENTENCE = 14;

/** In about how many lines so many letters of a size stand. */
export const linesOf = (letters: number, size: number, { width }: Size) =>
  Math.max(1, Math.ceil((letters * LETTER * size) / Math.max(1, width)));

/** Where the title of a part stands: above it, before it in one row, or only for those who hear it. */
export type TitlePlace = "above" | "before" | "heard";

/**
 * How large a sentence is that stands alone. In a room too low for its title above it, it stands beside it or without it, whichever
 * makes it larger.
 */
export function fitSentence(
  letters: number,
  most: number,
  room: Size,
  title: { across: number; down: number },
): { size: number; title: TitlePlace } {
  const fits = (size: number, height: number) => linesOf(letters, size, room) * LINE * size <= height;
  if (fits(most, room.height - title.down)) return { size: most, title: "above" };
  const across = (room.width - title.across) / (Math.max(1, letters) * LETTER_OF_SENTENCE);
  const before = Math.min(most, room.height / LINE, across);
  let alone = most;
  while (alone > LEAST_SENTENCE && !fits(alone, room.height)) alone -= 1;
  // Its title is worth a little of its size.
  return before >= alone * 0.75 ? { size: before, title: "before" } : { size: alone, title: "heard" };
}
