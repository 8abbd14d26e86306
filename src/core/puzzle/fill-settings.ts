import { NumberText } from "../number/number-schema";
import { type Checked, schema } from "../schema";

/**
 * How covered cells are filled: with a keypad, with answer tiles, or by finding the place of a number; when answers are
 * checked; whether hints are offered; and how many numbers make a round.
 */
export const Fill = schema((z) =>
  z.object({
    by: z.enum(["keypad", "tiles", "home"]),
    check: z.enum(["at-once", "at-end", "off"]),
    hints: z.boolean(),
    goal: z.int().check(z.minimum(1), z.maximum(100)),
    /** The numbers to be placed, if the teacher has chosen them; otherwise they are drawn. */
    numbers: z.optional(z.array(NumberText(z)).check(z.maxLength(60, "Write at most 60 numbers."))),
  }),
);
export type Fill = Checked<typeof Fill>;
