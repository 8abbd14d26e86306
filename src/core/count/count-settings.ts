import { exact } from "../number/exact";
import { NumberText } from "../number/number-schema";
import { type Checked, schema } from "../schema";

/** Longest and shortest time per number of a count, in seconds. */
export const SLOWEST = 5;
export const FASTEST = 0.25;

/** Where an automatic count can wait for the class: before a new ten, before a new hundred, at the end of a row. */
export const PAUSES = ["ten", "hundred", "row"] as const;
export type Pause = (typeof PAUSES)[number];

/**
 * A count: in what, from where, forwards or back, and the seconds from one number to the next. It may wait before a
 * new ten, hundred or row; walk with its number hidden (silent); mark where it goes; and be said aloud (voice). Marks
 * by hand may be watched for slips.
 */
export const Count = schema((z) =>
  z.object({
    by: NumberText(z).check(
      z.refine((by) => exact(by).compare(0) > 0, "Count in a number above 0. To count down, choose Back."),
    ),
    from: NumberText(z),
    way: z.enum(["forwards", "back"]),
    every: z.number().check(z.minimum(FASTEST), z.maximum(SLOWEST)),
    pauses: z.array(z.enum(PAUSES)).check(z.maxLength(PAUSES.length)),
    silent: z.boolean(),
    marks: z.boolean(),
    voice: z.boolean(),
    watch: z.boolean(),
  }),
);
export type Count = Checked<typeof Count>;

/** What a new board counts. */
export const NEW_COUNT: Count = {
  by: "2",
  from: "0",
  way: "forwards",
  every: 2,
  pauses: [],
  silent: false,
  marks: false,
  voice: false,
  watch: true,
};
