import { Count } from "../count/count-settings";
import { Seed } from "../puzzle/draw";
import { Fill } from "../puzzle/fill-settings";
import { Beat, Move } from "../scene/move";
import { type Checked, schema, type Z } from "../schema";
import { Layout, MAX_PLACED, MAX_VIEWS } from "../views/layout";
import { View } from "../views/view";
import type * as z from "../zod";
import { MAX } from "./bounds";

const Id = schema((z) => z.string().check(z.minLength(1), z.maxLength(40)));
const line = (z: Z, max: number, ...more: z.core.$ZodCheck<string>[]) =>
  z.string().check(z.trim(), ...more, z.maxLength(max, `Write at most ${max} characters.`));
const title = (z: Z, message: string) => line(z, MAX.title, z.minLength(1, message));
const Text = schema((z) => line(z, MAX.text));

/** A question may stand without an answer; an answer is covered until it is asked for. */
export const StepWords = schema((z) =>
  z.object({
    title: title(z, "Give the step a title."),
    question: Text(z),
    answer: Text(z),
    /** For the teacher alone. */
    note: z.optional(Text(z)),
    /** The question stands first, and the step's moves wait for the next climb: the class answers before the board does. */
    asks: z.optional(z.literal("first")),
  }),
);
export type StepWords = Checked<typeof StepWords>;

/** How a step is climbed: all of it at once, one thing after the other at the board's pace, or one at each press. */
export const PACES = ["at-once", "paced", "by-press"] as const;
export type Pace = (typeof PACES)[number];

export const Step = schema((z) =>
  z.extend(StepWords(z), {
    id: Id(z),
    /** Left out, it is climbed as the board says. */
    pace: z.optional(z.enum(PACES)),
    beats: z.array(Beat(z)).check(z.maxLength(MAX.beatsInStep, "A step has room for 1,200 moves.")),
  }),
);
export type Step = Checked<typeof Step>;

/**
 * The recipe that wrote a stair, and its inputs. They are checked only when the stair is to be written again: the stair
 * itself belongs to the teacher and opens without it.
 */
export const RecipeNote = schema((z) =>
  z
    .catchall(
      z.object({ kind: Id(z) }),
      z.union([z.number(), z.string().check(z.maxLength(40)), z.array(z.string().check(z.maxLength(40)))]),
    )
    .check(z.refine((note) => Object.keys(note).length <= 12 && JSON.stringify(note).length <= 1_000)),
);
export type RecipeNote = Checked<typeof RecipeNote>;

export const BoardTitle = schema((z) => title(z, "Give the board a title."));

export const Board = schema((z) =>
  z.object({
    id: Id(z),
    title: BoardTitle(z),
    views: z.array(View(z)).check(
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
    layout: Layout(z),
    count: Count(z),
    fill: Fill(z),
    /** Seconds from one beat of a step to the next while it is climbed; 0 plays them at once. */
    climbEvery: z.number().check(z.minimum(0), z.maximum(5)),
    /** The seed of the board's random draws. */
    seed: Seed(z),
    opening: z.array(Move(z)).check(z.maxLength(MAX.movesInOpening)),
    stair: z.array(Step(z)).check(z.maxLength(MAX.steps, `A stair has room for ${MAX.steps} steps.`)),
    /** The recipe and inputs that its stair was written from, if any. */
    recipe: z.optional(RecipeNote(z)),
  }),
);
export type Board = Checked<typeof Board>;

/** A word that groups lessons on the shelf. */
export const Label = schema((z) => line(z, MAX.label, z.minLength(1)));

/** A lesson's title, the class it is for, and its labels; the last two are optional. */
export const LessonWords = schema((z) =>
  z.object({
    title: title(z, "Give the lesson a title."),
    forClass: line(z, 60),
    labels: z.optional(
      z.array(Label(z)).check(z.maxLength(MAX.labels, `A lesson has room for ${MAX.labels} labels.`)),
    ),
    /** Whether a long press peeks under a cover in class too, on the one display that everybody sees. */
    peek: z.optional(z.boolean()),
  }),
);
export type LessonWords = Checked<typeof LessonWords>;
