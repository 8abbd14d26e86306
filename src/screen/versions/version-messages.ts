import { Lesson } from "@/core/lesson/lesson";
import * as z from "@/core/zod";

/** A version of a lesson in a list: its name, and when it was last changed, in words. */
export const VersionTold = z.object({ id: z.int(), when: z.string() });
export type VersionTold = z.infer<typeof VersionTold>;
export const VersionsTold = z.array(VersionTold);

export const VersionAnswer = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("version"), lesson: Lesson(z) }),
  z.object({ kind: z.literal("refused"), message: z.string() }),
]);
export const RestoreRequest = z.object({ saveName: z.string().check(z.minLength(1), z.maxLength(40)) });
