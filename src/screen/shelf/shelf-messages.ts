import { LessonWords } from "@/core/lesson/board";
import { RecipeInputs } from "@/core/lesson/recipes/any";
import * as z from "@/core/zod";

export const LessonId = z.string().check(z.minLength(1), z.maxLength(40));

/** A new lesson: its words, and the board or the recipe that it begins with. */
export const NewLessonRequest = z.extend(LessonWords(z), { begins: RecipeInputs });
export type NewLessonRequest = z.infer<typeof NewLessonRequest>;

/** A request to the shelf. */
export const ShelfRequest = z.discriminatedUnion("do", [
  z.object({ do: z.literal("create"), lesson: NewLessonRequest }),
  z.object({ do: z.literal("reword"), id: LessonId, words: LessonWords(z) }),
  z.object({ do: z.literal("duplicate"), id: LessonId }),
  z.object({ do: z.literal("remove"), id: LessonId }),
  z.object({ do: z.literal("put-back"), id: LessonId }),
]);
export type ShelfRequest = z.infer<typeof ShelfRequest>;

/** The answer of the shelf: done, with the lesson's id, or a message for the teacher. */
export const ShelfAnswer = z.discriminatedUnion("ok", [
  z.object({ ok: z.literal(true), id: z.string() }),
  z.object({ ok: z.literal(false), message: z.string() }),
]);
export type ShelfAnswer = z.infer<typeof ShelfAnswer>;
