import * as z from "zod/mini";
import type { Exact } from "../number/exact";
import { CONDITIONS } from "./conditions";
import type { ConditionKind, Shape, SomeWhole } from "./conditions/condition";
import type { InkSet } from "./ink";

/** Most conditions that a rule joins: as many as can still be said in one sentence. */
export const MAX_CONDITIONS = 4;

type Kind = (typeof CONDITIONS)[number];
type SchemaOf<K> =
  K extends ConditionKind<infer Name, infer Parts>
    ? z.ZodMiniObject<{ kind: z.ZodMiniLiteral<Name>; not: z.ZodMiniBoolean } & Parts>
    : never;

const schemas = CONDITIONS.map(({ kind, parts }) =>
  z.object({ kind: z.literal(kind), not: z.boolean(), ...parts }),
) as unknown as [SchemaOf<Kind>, ...SchemaOf<Kind>[]];

/** One condition that a number meets or not; with `not`, the other way round. */
export type Condition = z.infer<SchemaOf<Kind>>;
export const Condition: z.ZodMiniType<Condition> = z.discriminatedUnion("kind", schemas);

const kinds = new Map<string, Kind>(CONDITIONS.map((kind) => [kind.kind, kind]));

/** A kind of condition, whichever it is. */
export type AnyConditionKind = Pick<
  ConditionKind<Condition["kind"], Shape>,
  "kind" | "choices" | "fields" | "asks" | "verb"
> & {
  readonly test: (condition: Condition) => (value: Exact, inks: InkSet) => boolean;
  readonly noun: (condition: Condition) => string;
  readonly nounNot?: (condition: Condition) => string;
  readonly predicate: (condition: Condition) => string;
};

/** The kind of a condition: what it tests, how it is said, what it is set up with. */
export const kindOf = ({ kind }: Condition): AnyConditionKind =>
  kinds.get(kind) as unknown as AnyConditionKind;

/** A described set of numbers: those that meet all of its conditions, or any of them. */
export const Rule = z.object({
  join: z.enum(["and", "or"]),
  conditions: z
    .array(Condition)
    .check(z.minLength(1), z.maxLength(MAX_CONDITIONS, `A rule has room for ${MAX_CONDITIONS} conditions.`)),
});
export type Rule = z.infer<typeof Rule>;

/** The rule of one condition. */
export const ruleOf = (condition: Condition): Rule => ({ join: "and", conditions: [condition] });

/** Every number there is. */
export const ALL: Rule = ruleOf({ kind: "all", not: false });
/** The rest: all that has no mark. */
export const UNMARKED: Rule = ruleOf({ kind: "marked", not: true });
export const MARKED: Rule = ruleOf({ kind: "marked", not: false });

/** Whether what a rule holds depends on the marks. */
export const asksForInks = ({ conditions }: Rule): boolean =>
  conditions.some((condition) => kindOf(condition).asks === "inks");

/** Whether two rules are written alike, so that one of them is enough. */
export function sameRule(a: Rule, b: Rule): boolean {
  return a === b || textOf(a) === textOf(b);
}

/** The rule as one text, its parts in a fixed order. */
export function textOf({ join, conditions }: Rule): string {
  const texts = conditions.map((condition) => JSON.stringify(Object.entries(condition).sort()));
  return `${conditions.length > 1 ? join : "and"} ${texts.join(" ")}`;
}

/** A rule of one or two conditions of any kind, for the tests. */
export function exampleRule(some: SomeWhole): Rule {
  const one = (): Condition => {
    const kind = CONDITIONS[some.whole(0, CONDITIONS.length - 1)]!;
    return { kind: kind.kind, not: some.whole(0, 1) === 1, ...kind.example(some) } as Condition;
  };
  return {
    join: some.whole(0, 1) === 0 ? "and" : "or",
    conditions: some.whole(0, 1) === 0 ? [one()] : [one(), one()],
  };
}
