import * as z from "zod/mini";
import { Rule } from "../set/rule";
import { MOST_PLACES } from "../surface/chart";
import { TargetText } from "../surface/place-key";

/** Numbers one by one, or places of a times grid; or all that a rule holds, now and when the chart has changed. */
export const Numbers = z.union([z.array(TargetText).check(z.minLength(1), z.maxLength(MOST_PLACES)), Rule]);
export type Numbers = z.infer<typeof Numbers>;
