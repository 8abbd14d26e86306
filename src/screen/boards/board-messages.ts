import { Board } from "@/core/lesson/board";
import * as z from "@/core/zod";

/** A board to be copied into another lesson. */
export const BoardRequest = z.object({ board: Board(z) });

/** Lessons of the shelf, to be chosen from. */
export const LessonsTold = z.array(z.object({ id: z.string(), title: z.string(), forClass: z.string() }));
export type LessonTold = z.infer<typeof LessonsTold>[number];

export const CopyAnswer = z.discriminatedUnion("kind", [
  z.object({ kind: z.literal("copied") }),
  z.object({ kind: z.literal("refused"), message: z.string() }),
]);
