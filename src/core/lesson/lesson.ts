import * as z from "zod/mini";
import { Count } from "../count/count";
import { NumberText } from "../number/number-schema";
import { Seed } from "../puzzle/draw";
import { ChartSettings } from "../surface/chart";
import { LineSettings, StripSettings } from "../surface/line";
import { TimesSettings } from "../surface/times-grid";
import { Fill } from "./fill";
import { Beat, Move } from "./move";
import { MOST_PLACED } from "./placed";

/** The name and version that a lesson file carries. */
export const FORMAT = "yellow-stair-lesson";
export const VERSION = 3;

/** Bounds of a lesson: far above a year's use, low enough that no file can freeze a page. */
export const MOST = {
  boards: 40,
  steps: 60,
  beatsInStep: 1200,
  movesInOpening: 5000,
  title: 120,
  text: 400,
} as const;

/** The smallest part of a board that a view can have. */
export const LEAST_SHARE = 0.2;

const Id = z.string().check(z.minLength(1), z.maxLength(40));
const line = (most: number, ...more: z.core.$ZodCheck<string>[]) =>
  z.string().check(z.trim(), ...more, z.maxLength(most, `Write at most ${most} characters.`));
const title = (message: string) => line(MOST.title, z.minLength(1, message));
const Text = line(MOST.text);

/** The panel that reads the trail: which of its parts stand on the board. */
export const TrailSettings = z.object({
  kind: z.literal("trail"),
  numbers: z.boolean(),
  sentence: z.boolean(),
  ones: z.boolean(),
  words: z.enum(["off", "british", "american"]),
});
export type TrailSettings = z.infer<typeof TrailSettings>;

/** The panel for arrow moves on the chart: laid in a row before they are followed, or followed one by one. */
export const ArrowSettings = z.object({ kind: z.literal("arrows"), layFirst: z.boolean() });
export type ArrowSettings = z.infer<typeof ArrowSettings>;

/**
 * The number sentence of the trail, large, in a place of its own: equal jumps gathered (4 × 6 = 24), or jump by jump
 * (0 + 6 + 6 + 6 + 6 = 24).
 */
export const SentenceSettings = z.object({
  kind: z.literal("sentence"),
  form: z.enum(["gathered", "each"]),
});
export type SentenceSettings = z.infer<typeof SentenceSettings>;

/** The stops of the trail as a list of numbers, its benchmarks boxed. */
export const WaySettings = z.object({ kind: z.literal("way") });
export type WaySettings = z.infer<typeof WaySettings>;

/** How far it is from the number in focus to the next ten, or back to the one before, with the pairs that make ten. */
export const PairsSettings = z.object({ kind: z.literal("pairs"), way: z.enum(["on", "back"]) });
export type PairsSettings = z.infer<typeof PairsSettings>;

/** Two numbers, and the sign between them to be chosen. Both stand on the line of the board. */
export const CompareSettings = z.object({ kind: z.literal("compare"), a: NumberText, b: NumberText });
export type CompareSettings = z.infer<typeof CompareSettings>;

export const MOST_PROBLEMS = 8;

/** Several short problems, each a number sentence with a blank and a small line of its own; and when they are checked. */
export const ProblemsSettings = z.object({
  kind: z.literal("problems"),
  items: z
    .array(
      // Whether it can be read is said where it stands: nothing of a lesson is lost for one problem.
      z
        .string()
        .check(z.trim(), z.minLength(1, "Write a problem."), z.maxLength(60, "Write at most 60 signs.")),
    )
    .check(
      z.minLength(1, "Write a problem."),
      z.maxLength(MOST_PROBLEMS, "A board has room for 8 problems."),
    ),
  check: z.enum(["at-once", "at-end", "off"]),
});
export type ProblemsSettings = z.infer<typeof ProblemsSettings>;

/** How two or three views share a board: side by side, or one above the other; and the part that the first one has. */
export const Layout = z.object({
  run: z.enum(["beside", "above"]),
  share: z.number().check(z.minimum(LEAST_SHARE), z.maximum(1 - LEAST_SHARE)),
});
export type Layout = z.infer<typeof Layout>;

/** One representation on a board. Further views join this union under a `kind` of their own. */
export const View = z.discriminatedUnion("kind", [
  ChartSettings,
  TimesSettings,
  LineSettings,
  StripSettings,
  TrailSettings,
  SentenceSettings,
  WaySettings,
  PairsSettings,
  CompareSettings,
  ProblemsSettings,
  ArrowSettings,
]);
export type View = z.infer<typeof View>;

/** A question may stand without an answer; an answer is covered until it is asked for. */
export const StepWords = z.object({
  title: title("Give the step a title."),
  question: Text,
  answer: Text,
});
export type StepWords = z.infer<typeof StepWords>;

export const Step = z.extend(StepWords, {
  id: Id,
  beats: z.array(Beat).check(z.maxLength(MOST.beatsInStep, "A step has room for 1,200 beats.")),
});
export type Step = z.infer<typeof Step>;

export const BoardTitle = title("Give the board a title.");

export const Board = z.object({
  id: Id,
  title: BoardTitle,
  views: z.array(View).check(
    z.minLength(1),
    z.maxLength(6),
    z.refine(
      (views) => new Set(views.map(({ kind }) => kind)).size === views.length,
      "A board has one view of a kind.",
    ),
    z.refine(
      (views) => views.filter(({ kind }) => kind !== "arrows").length <= MOST_PLACED,
      `A board has room for ${MOST_PLACED} views.`,
    ),
  ),
  layout: Layout,
  count: Count,
  fill: Fill,
  /** Seconds from one beat of a step to the next while it is climbed; 0 plays them at once. */
  climbEvery: z.number().check(z.minimum(0), z.maximum(5)),
  /** Where this board's chance begins. */
  seed: Seed,
  opening: z.array(Move).check(z.maxLength(MOST.movesInOpening)),
  stair: z.array(Step).check(z.maxLength(MOST.steps, `A stair has room for ${MOST.steps} steps.`)),
});
export type Board = z.infer<typeof Board>;

/** What a teacher writes about a lesson: its title, and the class it is for, which may be left open. */
export const LessonWords = z.object({
  title: title("Give the lesson a title."),
  forClass: line(60),
});
export type LessonWords = z.infer<typeof LessonWords>;

export const Lesson = z.extend(LessonWords, {
  format: z.literal(FORMAT),
  version: z.literal(VERSION),
  boards: z
    .array(Board)
    .check(
      z.minLength(1, "A lesson needs a board."),
      z.maxLength(MOST.boards, `A lesson has room for ${MOST.boards} boards.`),
    ),
});
export type Lesson = z.infer<typeof Lesson>;
