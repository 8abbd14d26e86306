import * as z from "zod/mini";
import { Count } from "../count/count-settings";
import { Seed } from "../puzzle/draw";
import { Fill } from "../puzzle/fill-settings";
import { Beat, Move } from "../scene/move";
import { Layout, MAX_PLACED, MAX_VIEWS } from "../views/layout";
import { View } from "../views/view";
import { MAX } from "./bounds";

const Id = z.string().check(z.minLength(1), z.maxLength(40));
const line = (most: number, ...more: z.core.$ZodCheck<string>[]) =>
  z.string().check(z.trim(), ...more, z.maxLength(most, `Write at most ${most} characters.`));
const title = (message: string) => line(MAX.title, z.minLength(1, message));
const Text = line(MAX.text);

/** A question may stand without an answer; an answer is covered until it is asked for. */
export const StepWords = z.object({
  title: title("Give the step a title."),
  question: Text,
  answer: Text,
  /** For the teacher alone. */
  note: z.optional(Text),
});
export type StepWords = z.infer<typeof StepWords>;

/** How a step is climbed: all of it at once, one thing after the other at the board's pace, or one at each press. */
export const PACES = ["at-once", "paced", "by-press"] as const;
export type Pace = (typeof PACES)[number];

export const Step = z.extend(StepWords, {
  id: Id,
  /** Left out, it is climbed as the board says. */
  pace: z.optional(z.enum(PACES)),
  beats: z.array(Beat).check(z.maxLength(MAX.beatsInStep, "A step has room for 1,200 moves.")),
});
export type Step = z.infer<typeof Step>;

/**
 * The recipe that wrote a stair, and what it was given. Whether the recipe still takes it is asked when the stair is to be
 * written again: the stair itself is the teacher's, and opens without it.
 */
export const RecipeNote = z
  .catchall(
    z.object({ kind: Id }),
    z.union([z.number(), z.string().check(z.maxLength(40)), z.array(z.string().check(z.maxLength(40)))]),
  )
  .check(z.refine((note) => Object.keys(note).length <= 12 && JSON.stringify(note).length <= 1_000));
export type RecipeNote = z.infer<typeof RecipeNote>;

export const BoardTitle = title("Give the board a title.");

export const Board = z.object({
  id: Id,
  title: BoardTitle,
  views: z.array(View).check(
    z.minLength(1),
    z.maxLength(MAX_VIEWS, `A board has room for ${MAX_VIEWS} views.`),
    z.refine(
      (views) => new Set(views.map(({ id }) => id)).size === views.length,
      "Two views of a board have the same name.",
    ),
    z.refine(
      (views) => views.filter(({ kind }) => kind === "arrows").length <= 1,
      "A board has arrow moves once.",
    ),
    z.refine(
      (views) => views.filter(({ kind }) => kind !== "arrows").length <= MAX_PLACED,
      `A board has room for ${MAX_PLACED} views beside each other.`,
    ),
  ),
  layout: Layout,
  count: Count,
  fill: Fill,
  /** Seconds from one beat of a step to the next while it is climbed; 0 plays them at once. */
  climbEvery: z.number().check(z.minimum(0), z.maximum(5)),
  /** Where this board's chance begins. */
  seed: Seed,
  opening: z.array(Move).check(z.maxLength(MAX.movesInOpening)),
  stair: z.array(Step).check(z.maxLength(MAX.steps, `A stair has room for ${MAX.steps} steps.`)),
  /** What its stair was written from, where a recipe wrote it. */
  recipe: z.optional(RecipeNote),
});
export type Board = z.infer<typeof Board>;

/** A word by which lessons are brought together on the shelf. */
export const Label = line(MAX.label, z.minLength(1));

/** What a teacher writes about a lesson: its title, the class it is for, and labels; the last two may be left open. */
export const LessonWords = z.object({
  title: title("Give the lesson a title."),
  forClass: line(60),
  labels: z.optional(
    z.array(Label).check(z.maxLength(MAX.labels, `A lesson has room for ${MAX.labels} labels.`)),
  ),
  /** Whether a long press shows what is under a cover in class too, on the one display that everybody sees. */
  peek: z.optional(z.boolean()),
});
export type LessonWords = z.infer<typeof LessonWords>;
