import { type Checked, schema } from "../schema";
import { Rule } from "../set/rule";
import { TargetText } from "../surface/cell-key";
import { MAX_PLACES } from "../surface/chart";

/** Numbers one by one, or cells of a times grid; or all that a rule holds, now and when the chart has changed. */
export const Numbers = schema((z) =>
  z.union([z.array(TargetText(z)).check(z.minLength(1), z.maxLength(MAX_PLACES)), Rule(z)]),
);
export type Numbers = Checked<typeof Numbers>;
