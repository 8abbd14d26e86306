import { IN_FRAME, MAX_FRAMES } from "../../count/ten-frame";
import { exact } from "../../number/exact";
import { NumberText } from "../../number/number-schema";
import { type Checked, schema } from "../../schema";
import { INKS, Ink } from "../../set/ink";
import { reader } from "../kind";

const MAX = MAX_FRAMES * IN_FRAME;
const MESSAGE = "Write a whole number from 0 to 100.";
const Counters = schema((z) =>
  NumberText(z).check(
    z.refine((text) => {
      const value = exact(text);
      return value.d === 1n && value.s >= 0n && value.compare(MAX) <= 0;
    }, MESSAGE),
  ),
);

/**
 * Frames of ten with counters in two inks: those of the number in focus, or of two numbers that a hand can change.
 * - `writing`: how their sum goes through the ten, line by line
 * - `pairs`: the pairs that make their sum, as sums or as differences
 */
export const FramesSettings = schema((z) =>
  z.object({
    kind: z.literal("frames"),
    frames: z.int().check(z.minimum(1), z.maximum(MAX_FRAMES)),
    shape: z.enum(["wide", "tall"]),
    counts: z.enum(["focus", "hand"]),
    first: Counters(z),
    second: Counters(z),
    ink: Ink(z),
    otherInk: Ink(z),
    writing: z.enum(["shown", "covered", "none"]),
    pairs: z.enum(["none", "sums", "differences"]),
  }),
);
export type FramesSettings = Checked<typeof FramesSettings>;

const inks = INKS.map((ink) => ({ value: ink, label: ink[0]!.toUpperCase() + ink.slice(1) }));

/** Of two numbers; a number in focus is one. */
const byHand = { part: "counts", is: ["hand"] } as const;
const inFocus = { part: "counts", is: ["focus"] } as const;

export const frames = reader<FramesSettings>({
  kind: "frames",
  schema: FramesSettings,
  starts: {
    kind: "frames",
    frames: 2,
    shape: "wide",
    counts: "hand",
    first: "8",
    second: "6",
    ink: "sun",
    otherInk: "coral",
    writing: "shown",
    pairs: "none",
  },
  name: "Ten frames",
  fields: [
    { part: "frames", label: "Frames", whole: { min: 1, max: MAX_FRAMES } },
    {
      part: "shape",
      label: "A frame is",
      options: [
        { value: "wide", label: "2 rows of 5" },
        { value: "tall", label: "5 rows of 2" },
      ],
    },
    {
      part: "counts",
      label: "Counters show",
      options: [
        { value: "hand", label: "Two numbers" },
        { value: "focus", label: "The number in focus" },
      ],
    },
    { part: "first", label: "First number", number: true, only: byHand },
    { part: "second", label: "Second number", number: true, only: byHand },
    { part: "ink", label: "First counters", list: inks, only: byHand },
    { part: "ink", label: "Counters", list: inks, only: inFocus },
    { part: "otherInk", label: "Second counters", list: inks, only: byHand },
    {
      part: "writing",
      label: "Written line by line",
      options: [
        { value: "shown", label: "Shown" },
        { value: "covered", label: "Covered" },
        { value: "none", label: "None" },
      ],
    },
    {
      part: "pairs",
      label: "The pairs that make the whole",
      options: [
        { value: "none", label: "None" },
        { value: "sums", label: "Sums" },
        { value: "differences", label: "Differences" },
      ],
    },
  ],
  holds: ({ frames: count }, number) => {
    const value = exact(number);
    return value.d === 1n && value.s >= 0n && value.compare(count * IN_FRAME) <= 0;
  },
});
