import { LiveActs } from "@/core/lesson/live-acts";
import { ViewId } from "@/core/views/view-id";
import * as z from "@/core/zod";
import { keep, readKept } from "../save/browser-store";
import type { BoardScreenState } from "../store/board-store";
import type { Shown } from "./shown-to-class";

const Count = z.int().check(z.minimum(0));

/**
 * What a window remembers about a class screen that is held or blank: after a reload the class still sees nothing that
 * it was not to see.
 */
const ClassKept = z.object({
  blank: z.boolean(),
  held: z.boolean(),
  /** What it goes on showing. */
  shown: z.object({
    at: z.string().check(z.maxLength(40)),
    climbed: Count,
    live: LiveActs(z),
    asked: z.optional(z.literal(true)),
    played: z.nullable(Count),
    counting: z.boolean(),
    within: z.nullable(ViewId(z)),
    answerShown: z.boolean(),
  }),
});
type ClassKept = z.infer<typeof ClassKept>;

/** Where a window keeps that of a lesson. */
const keyOf = (lesson: string) => `yellow-stair:class:${lesson}`;

export type ClassKeeper = { read: () => ClassKept | null; write: (kept: ClassKept | null) => void };

/** Storage that lasts as long as the window. */
export const classKeeper = (lesson: string): ClassKeeper => ({
  read: () => readKept(sessionStorage, keyOf(lesson), ClassKept),
  write: (kept) => void keep(sessionStorage, keyOf(lesson), kept),
});

/** What is shown, as stored: the board by its id. */
export function toKeep({ state, ...shown }: Shown): ClassKept["shown"] {
  const { board, climbed, live, asked } = state;
  return { ...shown, at: board.id, climbed, live: live as ClassKept["shown"]["live"], asked };
}

/** What was shown, on the board as it is now; null where that board is gone. */
export function fromKept(
  { at, climbed, live, asked, ...shown }: ClassKept["shown"],
  { boards }: Pick<BoardScreenState, "boards">,
): Shown | null {
  const board = boards.map(({ present }) => present.board).find(({ id }) => id === at);
  if (!board) return null;
  return { ...shown, state: { board, climbed: Math.min(climbed, board.stair.length), live, asked } };
}
