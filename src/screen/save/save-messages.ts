import type { Lesson } from "@/core/lesson/lesson";
import * as z from "@/core/zod";

/** What a window sends to save a lesson. The lesson itself is read by `readLesson`, with its older versions. */
export const SaveRequest = z.object({
  basedOn: z.int().check(z.minimum(1)),
  saveName: z.string().check(z.minLength(1), z.maxLength(40)),
  lesson: z.unknown(),
});
export type Save = { basedOn: number; saveName: string; lesson: Lesson };

/** What the server answers. */
export const SaveAnswer = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("saved"), revision: z.int() }),
  z.object({ kind: z.literal("stale"), revision: z.int(), saveName: z.nullable(z.string()) }),
  z.object({ kind: z.literal("refused"), message: z.string() }),
]);
export type SaveAnswer = z.infer<typeof SaveAnswer>;

/** Largest request with a lesson in it, in bytes. */
export const LARGEST_REQUEST = 8_000_000;

export const CopyAnswer = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("added"), id: z.string() }),
  z.object({ kind: z.literal("refused"), message: z.string() }),
]);
