import * as z from "zod/mini";
import { NumberText } from "../number/number-schema";

/** The smallest part of a board that a view can have. */
export const LEAST_SHARE = 0.2;

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
        .check(z.trim(), z.minLength(1, "Write a problem."), z.maxLength(60, "Write at most 60 characters.")),
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
