import * as z from "zod/mini";
import { Ink } from "../lesson/ink";
import { exact } from "../number/exact";
import { NumberText } from "../number/number-schema";

/** Most conditions that a rule joins: as many as can still be said in one sentence. */
export const MOST_CONDITIONS = 4;

const above0 = NumberText.check(z.refine((text) => exact(text).compare(0) > 0, "Write a number above 0."));
const not = z.boolean();

/** One condition that a number meets or not; with `not`, the other way round. */
export const Condition = z.discriminatedUnion("kind", [
  z.object({
    kind: z.literal("multiples"),
    not,
    of: above0,
    from: z.optional(NumberText),
    to: z.optional(NumberText),
  }),
  z.object({ kind: z.literal("counting"), not, by: above0, from: NumberText, to: z.optional(NumberText) }),
  z.object({ kind: z.literal("odd"), not }),
  z.object({ kind: z.literal("even"), not }),
  z.object({ kind: z.literal("square"), not }),
  z.object({
    kind: z.literal("digit"),
    not,
    place: z.enum(["ones", "tens", "hundreds"]),
    digit: z.int().check(z.minimum(0), z.maximum(9)),
  }),
  z.object({ kind: z.literal("between"), not, from: NumberText, to: NumberText }),
  z.object({ kind: z.literal("less"), not, than: NumberText }),
  z.object({ kind: z.literal("more"), not, than: NumberText }),
  z.object({ kind: z.literal("ink"), not, ink: Ink }),
  z.object({ kind: z.literal("marked"), not }),
  z.object({ kind: z.literal("all"), not }),
]);
export type Condition = z.infer<typeof Condition>;

/** A described set of numbers: those that meet all of its conditions, or any of them. */
export const Rule = z.object({
  join: z.enum(["and", "or"]),
  conditions: z
    .array(Condition)
    .check(
      z.minLength(1),
      z.maxLength(MOST_CONDITIONS, `A rule has room for ${MOST_CONDITIONS} conditions.`),
    ),
});
export type Rule = z.infer<typeof Rule>;

/** The rule of one condition. */
export const ruleOf = (condition: Condition): Rule => ({ join: "and", conditions: [condition] });

/** Every number there is. */
export const ALL: Rule = ruleOf({ kind: "all", not: false });
/** The rest: all that has no mark. */
export const UNMARKED: Rule = ruleOf({ kind: "marked", not: true });
export const MARKED: Rule = ruleOf({ kind: "marked", not: false });

/** Whether two rules are written alike, so that one of them is enough. */
export function sameRule(a: Rule, b: Rule): boolean {
  return a === b || textOf(a) === textOf(b);
}

/** The rule as one text, its parts in a fixed order. */
export function textOf({ join, conditions }: Rule): string {
  const texts = conditions.map((condition) => JSON.stringify(Object.entries(condition).sort()));
  return `${conditions.length > 1 ? join : "and"} ${texts.join(" ")}`;
}
