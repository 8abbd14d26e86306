import { LessonWords } from "@/core/lesson/board";
import * as z from "@/core/zod";
import { WhereaboutsKept } from "../store/whereabouts-kept";

export const ForClass = LessonWords(z).shape.forClass;

/** Where a lesson stands with a class; null where it begins again. */
export const SittingRequest = z.object({ forClass: ForClass, where: z.nullable(WhereaboutsKept) });
/** A sitting in words: with which class, where it stopped, and when. */
export const SittingTold = z.object({ forClass: ForClass, where: z.string(), when: z.string() });
export type SittingTold = z.infer<typeof SittingTold>;
export const SittingsTold = z.array(SittingTold);

export type SittingRequest = z.infer<typeof SittingRequest>;
