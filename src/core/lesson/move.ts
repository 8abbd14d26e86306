import * as z from "zod/mini";
import { Arrow, MOST_ARROWS } from "../count/route";
import { JUMP_PARTS, MOST_JUMPS } from "../count/trail";
import { COMPARED } from "../number/compared";
import { exact } from "../number/exact";
import { NumberKeyText } from "../number/number-schema";
import { Rule } from "../set/rule";
import { MOST_PLACES } from "../surface/chart";
import { MOST_TIMES, TargetText } from "../surface/place-key";
import { Ink } from "./ink";
import { Layer } from "./layer";
import { MOST_STROKES, Note, Stroke } from "./pen";
import { PlacedKind } from "./placed";
import { Setting } from "./setting";

/** Most jumps that one jump is split into. */
const MOST_PARTS = 100;
const ProblemIndex = z.int().check(z.minimum(0), z.maximum(7));
const JumpIndex = z.int().check(z.minimum(0), z.maximum(MOST_JUMPS - 1));
const Jumps = z.array(JumpIndex).check(z.minLength(1), z.maxLength(MOST_JUMPS));
const WindowIndex = z.int().check(z.minimum(1), z.maximum(MOST_TIMES));

/** Numbers one by one, or places of a times grid; or all that a rule holds, now and when the chart has changed. */
const Numbers = z.union([z.array(TargetText).check(z.minLength(1), z.maxLength(MOST_PLACES)), Rule]);
export type Numbers = z.infer<typeof Numbers>;

/**
 * The smallest acts on a board. Every move is plain data; what it does is in `fold`.
 * - mark, unmark: an ink on numbers, or off them
 * - cover, lift: hide numbers, show them again
 * - stand-out, stand-back: numbers larger and heavier than the others, or as the others
 * - drop-rule: a rule on an ink, on the covers or on what stands out is no longer in effect
 * - clear-marks: take one ink, or all, off every number
 * - write, erase: a number written in a covered place by hand; the writing wiped away, everywhere for null
 * - check: what was written is looked at, and what does not belong is shown, until something else is written
 * - ask: a number whose place is looked for, or a place whose number is; or nothing any more
 * - focus: the number being talked about, or none
 * - start: begin a trail at a number, with the terms of its sentence where one was typed; jump: go on from where the
 *   trail has landed, by an arrow of a chart where one led there; retrace: take its last jump away
 * - lay: arrow tiles in a row, to be followed one by one
 * - clear-trail: forget the trail
 * - slide: the window of a times grid, to the row and column that it then begins with
 * - wonder: what comes next at the right of a times grid, or below it; null when it is no longer asked
 * - cover-jump, lift-jump: the size of jumps of the trail, or their arcs, covered, shown again
 * - split: a jump made of several of the same sum; join: a jump and the one after it made into one
 * - set-aside: the trail stands beside the one that begins next, in an ink, to be compared; bring-back: no longer
 * - trail-inks: while two trails are compared, the ink of the trail and of the one that stands aside
 * - look: the part of a line that is seen
 * - compare: the sign that is chosen between two numbers; null for none
 * - pen: a stroke by hand; note: a typed note, or another text for one; rub: strokes and notes away; wipe-pen: all of them
 * - work: a jump on the line of one of several problems; answer: a number written in its blank, or wiped away for null;
 *   work-anew: both away; work-check: which answers belong is shown, until another one is written
 * - hide, show: a view of the board
 * - draw: chance goes on to its next draw
 * - guides: the row and column of the number in focus lit, its neighbours named
 * - cover-far: how far it is to the next ten is covered, or shown
 * - set: what the board is set to, such as its count, is another from here on; what was prepared stays
 */
export const Move = z.discriminatedUnion("do", [
  z.object({ do: z.literal("mark"), ink: Ink, numbers: Numbers }),
  z.object({ do: z.literal("unmark"), ink: Ink, numbers: Numbers }),
  z.object({ do: z.literal("cover"), numbers: Numbers }),
  z.object({ do: z.literal("lift"), numbers: Numbers }),
  z.object({ do: z.literal("stand-out"), numbers: Numbers }),
  z.object({ do: z.literal("stand-back"), numbers: Numbers }),
  z.object({ do: z.literal("drop-rule"), layer: Layer, rule: Rule }),
  z.object({ do: z.literal("clear-marks"), ink: z.nullable(Ink) }),
  z.object({ do: z.literal("write"), number: TargetText, says: NumberKeyText }),
  z.object({ do: z.literal("erase"), number: z.nullable(TargetText) }),
  z.object({ do: z.literal("check") }),
  z.object({ do: z.literal("ask"), number: z.nullable(TargetText), as: z.enum(["number", "place"]) }),
  z.object({ do: z.literal("focus"), number: z.nullable(TargetText) }),
  z.object({
    do: z.literal("start"),
    number: NumberKeyText,
    terms: z.optional(
      z.array(z.int().check(z.minimum(-MOST_JUMPS), z.maximum(MOST_JUMPS))).check(z.maxLength(MOST_JUMPS)),
    ),
  }),
  z.object({ do: z.literal("jump"), by: NumberKeyText, arrow: z.optional(Arrow) }),
  z.object({ do: z.literal("lay"), arrows: z.array(Arrow).check(z.maxLength(MOST_ARROWS)) }),
  z.object({ do: z.literal("retrace") }),
  z.object({ do: z.literal("clear-trail") }),
  z.object({ do: z.literal("slide"), row: WindowIndex, column: WindowIndex }),
  z.object({ do: z.literal("wonder"), side: z.nullable(z.enum(["right", "below"])) }),
  z.object({ do: z.literal("cover-jump"), jumps: Jumps, part: z.enum(JUMP_PARTS) }),
  z.object({ do: z.literal("lift-jump"), jumps: Jumps, part: z.enum(JUMP_PARTS) }),
  z.object({
    do: z.literal("split"),
    jump: JumpIndex,
    into: z.array(NumberKeyText).check(z.minLength(2), z.maxLength(MOST_PARTS)),
  }),
  z.object({ do: z.literal("join"), jump: JumpIndex }),
  z.object({ do: z.literal("set-aside"), ink: Ink }),
  z.object({ do: z.literal("bring-back") }),
  z
    .object({ do: z.literal("trail-inks"), trail: Ink, aside: Ink })
    .check(z.refine(({ trail, aside }) => trail !== aside, "Two trails have two inks.")),
  z
    .object({
      do: z.literal("look"),
      view: z.enum(["line", "strip"]),
      from: NumberKeyText,
      to: NumberKeyText,
    })
    .check(z.refine(({ from, to }) => exact(from).compare(exact(to)) < 0, "Put the smaller number first.")),
  z.object({ do: z.literal("compare"), sign: z.nullable(z.enum(COMPARED)) }),
  z.object({ do: z.literal("pen"), stroke: Stroke }),
  z.object({ do: z.literal("note"), note: Note }),
  z.object({
    do: z.literal("rub"),
    ids: z.array(z.string().check(z.maxLength(16))).check(z.minLength(1), z.maxLength(MOST_STROKES)),
  }),
  z.object({ do: z.literal("wipe-pen") }),
  z.object({ do: z.literal("work"), problem: ProblemIndex, by: NumberKeyText }),
  z.object({ do: z.literal("answer"), problem: ProblemIndex, says: z.nullable(NumberKeyText) }),
  z.object({ do: z.literal("work-anew"), problem: ProblemIndex }),
  z.object({ do: z.literal("work-check") }),
  z.object({ do: z.literal("hide"), view: PlacedKind }),
  z.object({ do: z.literal("show"), view: PlacedKind }),
  z.object({ do: z.literal("draw") }),
  z.object({ do: z.literal("guides"), on: z.boolean() }),
  z.object({ do: z.literal("set"), setting: Setting }),
  z.object({ do: z.literal("cover-far"), on: z.boolean() }),
]);
export type Move = z.infer<typeof Move>;

/** The moves that happen at one moment: a number marked and the count gone on to it. */
export const Beat = z.array(Move).check(z.minLength(1), z.maxLength(20));
export type Beat = z.infer<typeof Beat>;

/** What one touch, one drag or one run of the count does: its beats are taken back together. */
export type Act = readonly Beat[];
