import type { Lesson } from "@/core/lesson/lesson";

/** A lesson as the server hands it to the board, with the revision that the first save is based on. */
export type OpenLesson = { id: string; revision: number; lesson: Lesson };
