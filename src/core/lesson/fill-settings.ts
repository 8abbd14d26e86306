import * as z from "zod/mini";

/**
 * How covered places are filled: with a keypad, with answer tiles, or by finding where a drawn number lives; when
 * what is written is checked; whether hints are offered; and how many numbers find their home before a fresh chart.
 */
export const Fill = z.object({
  by: z.enum(["keypad", "tiles", "home"]),
  check: z.enum(["at-once", "at-end", "off"]),
  hints: z.boolean(),
  goal: z.int().check(z.minimum(1), z.maximum(100)),
});
export type Fill = z.infer<typeof Fill>;
