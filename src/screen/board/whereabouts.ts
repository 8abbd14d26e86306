import { z } from "zod";
import { Beat } from "@/core/lesson/move";
import type { BoardScreenState, Whereabouts } from "./board-store";

const MOST_ACTS = 2000;

/** Where a teacher was in a lesson, as its window keeps it. */
export const WhereaboutsKept: z.ZodType<Whereabouts> = z.object({
  at: z.int().min(0).max(100),
  boards: z
    .array(
      z.object({
        climbed: z.int().min(0).max(100),
        live: z.array(z.array(z.array(Beat).max(MOST_ACTS)).max(MOST_ACTS)).max(100),
      }),
    )
    .max(100),
});

export function whereaboutsOf(state: BoardScreenState): Whereabouts {
  return {
    at: state.at,
    boards: state.boards.map(({ present: { climbed, live } }) => ({ climbed, live })),
  };
}
