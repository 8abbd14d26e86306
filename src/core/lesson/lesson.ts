import { type Checked, schema } from "../schema";
import { Sheet } from "../sheet/sheet";
import { Board, LessonWords } from "./board";
import { FORMAT, MAX, VERSION } from "./bounds";

export const Lesson = schema((z) =>
  z.extend(LessonWords(z), {
    format: z.literal(FORMAT),
    version: z.literal(VERSION),
    boards: z
      .array(Board(z))
      .check(
        z.minLength(1, "A lesson needs a board."),
        z.maxLength(MAX.boards, `A lesson has room for ${MAX.boards} boards.`),
      ),
    /** Removed boards, the latest first; they can be put back. */
    removed: z.optional(z.array(Board(z)).check(z.maxLength(MAX.removed))),
    /** Sheets to be printed for the table. */
    sheets: z.optional(
      z.array(Sheet).check(z.maxLength(MAX.sheets, `A lesson has room for ${MAX.sheets} sheets.`)),
    ),
  }),
);
export type Lesson = Checked<typeof Lesson>;
