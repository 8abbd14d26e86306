import { FORMAT, VERSION } from "@/core/lesson/bounds";
import type { Lesson } from "@/core/lesson/lesson";
import { writtenWords } from "@/core/lesson/written-words";
import type { BoardScreenState } from "./board-store";

type Held = Pick<BoardScreenState, "words" | "boards" | "removed" | "sheets">;

/** The current lesson, to be saved. */
export function lessonOf({ words, boards, removed, sheets }: Held): Lesson {
  return {
    format: FORMAT,
    version: VERSION,
    ...writtenWords(words),
    boards: boards.map((history) => history.present.board),
    ...(removed.length > 0 ? { removed: [...removed] } : {}),
    ...(sheets.length > 0 ? { sheets: [...sheets] } : {}),
  };
}

/** Whether two states hold the same lesson: cheap, since what has not changed is the same object. */
export function sameLesson(a: Held, b: Held): boolean {
  return (
    a.words === b.words &&
    a.removed === b.removed &&
    a.sheets === b.sheets &&
    a.boards.length === b.boards.length &&
    a.boards.every((history, i) => history.present.board === b.boards[i]!.present.board)
  );
}
