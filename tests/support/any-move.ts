import fc from "fast-check";
import { exampleOf } from "@/core/scene/examples";
import { MOVES, type Move } from "@/core/scene/move";
import type { Some } from "@/core/scene/slice";
import { CONDITIONS } from "@/core/set/conditions";
import { type AnyConditionKind, Condition, type Rule } from "@/core/set/rule";
import { HUNDRED_SQUARES } from "@/core/set/squares";
import * as z from "@/core/zod";

/** How many choices an example can make before they begin again. */
const CHOICES = 40;

/** Examples of anything, made from whole numbers that fast-check makes smaller when a test fails. */
const examples = <T>(make: (some: Some) => T): fc.Arbitrary<T> =>
  fc.array(fc.nat({ max: 10_000 }), { minLength: CHOICES, maxLength: CHOICES }).map((choices) => {
    let asked = 0;
    const whole = (min: number, max: number) => min + (choices[asked++ % CHOICES]! % (max - min + 1));
    const some: Some = {
      whole,
      one: (of) => of[whole(0, of.length - 1)]!,
      list: (of, min, max) => Array.from({ length: whole(min, max) }, of),
      rule: () => ruleFrom(some),
    };
    return make(some);
  });

const KINDS = CONDITIONS as unknown as readonly AnyConditionKind[];

/** A condition of any kind, as it is chosen, with small numbers where it takes them. */
function conditionFrom(some: Some): Condition {
  const { kind, choices, fields } = some.one(KINDS);
  const start = { kind, not: some.one([false, true]), ...some.one(choices).start({}, HUNDRED_SQUARES) };
  const drawn = fields.flatMap((field): [string, unknown][] => {
    if ("oneOf" in field) return [[field.part, some.one(field.oneOf)]];
    if ("numbers" in field) return [[field.part, [String(some.whole(0, 20)), String(some.whole(21, 30))]]];
    return "part" in field && field.number === "required" ? [[field.part, String(some.whole(0, 20))]] : [];
  });
  const made = Condition(z).safeParse({ ...start, ...Object.fromEntries(drawn) });
  return made.success ? made.data : Condition(z).parse(start);
}

const ruleFrom = (some: Some): Rule => ({
  join: some.one(["and", "or"]),
  conditions: some.list(() => conditionFrom(some), 1, 2),
});

/** Any rule of one or two conditions. */
export const anyRule: fc.Arbitrary<Rule> = examples(ruleFrom);

/** Any move of every kind there is, mostly on the numbers 1 to 30. */
export const anyMove: fc.Arbitrary<Move> = fc
  .constantFrom(...MOVES)
  .chain((kind) => examples((some) => exampleOf(kind.do, some)));
