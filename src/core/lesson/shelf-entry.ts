import { type Checked, schema } from "../schema";
import { Board, LessonWords } from "./board";
import type { Lesson } from "./lesson";
import { numbersAbout } from "./numbers-about";

/** What the shelf shows of a lesson without opening it: its words, how long its stairs are, and its picture. */
export const ShelfEntry = schema((z) =>
  z.object({
    title: LessonWords(z).shape.title,
    forClass: LessonWords(z).shape.forClass,
    labels: z.array(z.string()),
    /** Its boards and how many steps each has. */
    stairs: z.array(z.object({ id: z.string(), steps: z.number() })),
    /** The first board on its first step; later steps are not shown. */
    picture: Board(z),
  }),
);
export type ShelfEntry = Checked<typeof ShelfEntry>;

/** Must be raised when the way an entry or its search words are taken from a lesson changes. */
export const ENTRY_WAY = 1;

/** The shelf's entry for a lesson. */
export function shelfEntry({ title, forClass, labels = [], boards }: Lesson): ShelfEntry {
  const first = boards[0]!;
  return {
    title,
    forClass,
    labels,
    stairs: boards.map(({ id, stair }) => ({ id, steps: stair.length })),
    picture: { ...first, stair: first.stair.slice(0, 1) },
  };
}

/**
 * The search words of a lesson besides its title and class: all its text, notes included, and the numbers that it is
 * about.
 */
export function wordsToFind(lesson: Lesson): string {
  const { labels = [], boards } = lesson;
  const ofBoards = boards.flatMap((board) => [
    board.title,
    ...board.stair.flatMap((step) => [step.title, step.question, step.note ?? ""]),
  ]);
  return [...labels, ...ofBoards, ...numbersAbout(lesson)].join("\n");
}

/** The sort key of a title or a class: numbers by size, letters ignoring case and accents. */
export const orderKey = (text: string): string =>
  text
    .normalize("NFKD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replace(/\d+/g, (digits) => digits.padStart(12, "0"));
