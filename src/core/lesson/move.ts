import * as z from "zod/mini";
import { NumberKeyText } from "../number/number-schema";
import { MOST_PLACES } from "../surface/chart";
import { Ink } from "./ink";

const Numbers = z.array(NumberKeyText).check(z.minLength(1), z.maxLength(MOST_PLACES));

/**
 * The smallest acts on a board. Every move is plain data; what it does is in `fold`.
 * - mark, unmark: an ink on numbers, or off them
 * - cover, lift: hide numbers, show them again
 * - focus: the number being talked about, or none
 * - start: begin a trail at a number; jump: go on from where the trail has landed; retrace: take its last jump away
 * - clear-marks: take one ink, or all, off every number; clear-trail: forget the trail
 */
export const Move = z.discriminatedUnion("do", [
  z.object({ do: z.literal("mark"), ink: Ink, numbers: Numbers }),
  z.object({ do: z.literal("unmark"), ink: Ink, numbers: Numbers }),
  z.object({ do: z.literal("cover"), numbers: Numbers }),
  z.object({ do: z.literal("lift"), numbers: Numbers }),
  z.object({ do: z.literal("focus"), number: z.nullable(NumberKeyText) }),
  z.object({ do: z.literal("start"), number: NumberKeyText }),
  z.object({ do: z.literal("jump"), by: NumberKeyText }),
  z.object({ do: z.literal("retrace") }),
  z.object({ do: z.literal("clear-marks"), ink: z.nullable(Ink) }),
  z.object({ do: z.literal("clear-trail") }),
]);
export type Move = z.infer<typeof Move>;

/** The moves that happen at one moment: a number marked and the count gone on to it. */
export const Beat = z.array(Move).check(z.minLength(1), z.maxLength(20));
export type Beat = z.infer<typeof Beat>;

/** What one touch, one drag or one run of the count does: its beats are taken back together. */
export type Act = readonly Beat[];
