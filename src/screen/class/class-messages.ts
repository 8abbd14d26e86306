import { Board, StepWords } from "@/core/lesson/board";
import { MAX } from "@/core/lesson/bounds";
import { Beat } from "@/core/scene/move";
import { Note } from "@/core/scene/pen";
import { ViewId } from "@/core/views/view-id";
import * as z from "@/core/zod";

const MAX_ACTS = 100_000;
const Level = z.int().check(z.minimum(0), z.maximum(MAX.steps));
/** How many acts stay, and how many beats of the act after them. */
const Kept = z.int().check(z.minimum(0), z.maximum(MAX_ACTS));
const Acts = z.array(z.array(Beat(z)));

/** A board as sent to the class screen: what its steps do, without any of their words. */
const BoardMessage = z.object({
  kind: z.literal("board"),
  board: Board(z),
  beats: z.array(z.array(Beat(z))).check(z.maxLength(MAX.steps)),
});

/**
 * What the class sees: where the board stands, and the live acts of a step from the first beat that changed. A question
 * comes without its answer until that is shown.
 */
const ShowMessage = z.object({
  kind: z.literal("show"),
  board: z.string().check(z.maxLength(40)),
  climbed: Level,
  played: z.nullable(z.int().check(z.minimum(0))),
  counting: z.boolean(),
  within: z.nullable(ViewId(z)),
  live: z.array(z.object({ level: Level, from: Kept, kept: Kept, acts: Acts })),
  question: StepWords(z).shape.question,
  answer: z.nullable(StepWords(z).shape.answer),
  strong: z.boolean(),
  blank: z.boolean(),
});
export type ShowMessage = z.infer<typeof ShowMessage>;
export type BoardMessage = z.infer<typeof BoardMessage>;

/** What the teacher points at; null once she does no more. */
const PointMessage = z.object({
  kind: z.literal("point"),
  at: z.nullable(z.pick(Note(z), { view: true, number: true, x: true, y: true })),
});

/** Messages of the teacher's window: what to show, what is pointed at, or that it is there and asks who follows. */
export const FromTeacher = z.discriminatedUnion("kind", [
  BoardMessage,
  ShowMessage,
  PointMessage,
  z.object({ kind: z.literal("there") }),
]);
export type FromTeacher = z.infer<typeof FromTeacher>;

/** Messages of a class screen: it has opened and needs everything, it follows, it closes. */
export const FromClass = z.object({ kind: z.enum(["hello", "here", "gone"]) });
export type FromClass = z.infer<typeof FromClass>;

/** Windows of one browser communicate on a channel for each lesson. */
export const channelOf = (lesson: string): string => `yellow-stair:class:${lesson}`;
