import * as z from "zod/mini";
import { LessonWords } from "@/core/lesson/lesson";

export const LessonId = z.string().check(z.minLength(1), z.maxLength(40));

export const NewLessonRequest = z.extend(LessonWords, { chart: z.string().check(z.maxLength(20)) });
export type NewLessonRequest = z.infer<typeof NewLessonRequest>;

/** What a door of the shelf answers: done, with the lesson's id, or a message for the teacher. */
export type ShelfAnswer = { ok: true; id: string } | { ok: false; message: string };

/** The doors through which the shelf changes what is kept. */
export type ShelfDoors = {
  create: (request: NewLessonRequest) => Promise<ShelfAnswer>;
  reword: (id: string, words: LessonWords) => Promise<ShelfAnswer>;
  duplicate: (id: string) => Promise<ShelfAnswer>;
  remove: (id: string) => Promise<ShelfAnswer>;
  putBack: (id: string) => Promise<ShelfAnswer>;
};
