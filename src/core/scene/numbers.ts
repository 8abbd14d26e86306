import * as z from "zod/mini";
import { Rule } from "../set/rule";
import { TargetText } from "../surface/cell-key";
import { MAX_PLACES } from "../surface/chart";

/** Numbers one by one, or cells of a times grid; or all that a rule holds, now and when the chart has changed. */
export const Numbers = z.union([z.array(TargetText).check(z.minLength(1), z.maxLength(MAX_PLACES)), Rule]);
export type Numbers = z.infer<typeof Numbers>;
