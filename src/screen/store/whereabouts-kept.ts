import { LiveActs } from "@/core/lesson/live-acts";
import * as z from "@/core/zod";
import type { Whereabouts } from "./whereabouts";

const BoardId = z.string().check(z.maxLength(40));
const upTo100 = z.int().check(z.minimum(0), z.maximum(100));

/** Where a teacher was in a lesson, as stored by the window. */
export const WhereaboutsKept: z.ZodMiniType<Whereabouts> = z.object({
  at: BoardId,
  forClass: z.optional(z.string().check(z.maxLength(60))),
  boards: z.record(
    BoardId,
    z.object({ climbed: upTo100, live: LiveActs(z), asked: z.optional(z.literal(true)) }),
  ),
});
