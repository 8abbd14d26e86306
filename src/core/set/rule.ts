import { type Exact, exact, isWhole } from "../number/exact";
import { type Checked, schema, type Z } from "../schema";
import type * as z from "../zod";
import { CONDITIONS } from "./conditions";
import { type Clues, type ConditionKind, type Shape, wholeText } from "./conditions/condition";
import type { InkSet } from "./ink";

/** Maximum number of conditions in a rule: as many as can still be said in one sentence. */
export const MAX_CONDITIONS = 4;

type Kind = (typeof CONDITIONS)[number];
type SchemaOf<K> =
  K extends ConditionKind<infer Name, infer Parts>
    ? z.ZodMiniObject<{ kind: z.ZodMiniLiteral<Name>; not: z.ZodMiniBoolean } & Parts>
    : never;

/** The schema of each kind of condition. */
export const CONDITION_SCHEMAS = CONDITIONS.map(({ kind, parts, fault }) =>
  schema((z) => {
    const whole = z.object({ kind: z.literal(kind), not: z.boolean(), ...parts(z) });
    if (!fault) return whole;
    const faultOf = fault as (condition: unknown) => string | null;
    return whole.check((context) => {
      const message = faultOf(context.value);
      if (message !== null) context.issues.push({ code: "custom", message, input: context.value });
    });
  }),
);

const schemas = (z: Z) =>
  CONDITION_SCHEMAS.map((one) => one(z)) as unknown as [SchemaOf<Kind>, ...SchemaOf<Kind>[]];

/** A condition that a number meets or not; `not` negates it. */
export type Condition = z.infer<SchemaOf<Kind>>;
export const Condition = schema<z.ZodMiniType<Condition>>((z) => z.discriminatedUnion("kind", schemas(z)));

const kinds = new Map<string, Kind>(CONDITIONS.map((kind) => [kind.kind, kind]));

/** A kind of condition, whichever it is. */
export type AnyConditionKind = Pick<
  ConditionKind<Condition["kind"], Shape>,
  "kind" | "family" | "choices" | "fields" | "asks" | "verb" | "weight"
> & {
  readonly test?: (condition: Condition) => (value: Exact, inks: InkSet) => boolean;
  readonly whole?: (condition: Condition) => (number: number) => boolean;
  readonly few?: (condition: Condition) => readonly number[] | null;
  readonly next?: (condition: Condition) => (from: number) => number | null;
  readonly period?: (condition: Condition) => string | null;
  readonly short?: (condition: Condition) => string;
  readonly offers?: (clues: Clues) => Iterable<object>;
  readonly ownWords?: readonly object[];
  readonly noun: (condition: Condition) => string;
  readonly nounNot?: (condition: Condition) => string;
  readonly predicate: (condition: Condition) => string;
};

/** The kind of a condition: what it tests, how it is said, what it is set up with. */
export const kindOf = ({ kind }: Condition): AnyConditionKind =>
  kinds.get(kind) as unknown as AnyConditionKind;

/** Whether a number meets a condition, turned round or not. */
export function testOf(condition: Condition): (value: Exact, inks: InkSet) => boolean {
  const { test, whole } = kindOf(condition);
  const { not } = condition;
  if (test) {
    const meets = test(condition);
    return (value, inks) => meets(value, inks) !== not;
  }
  const meets = whole!(condition);
  return (value) => (isWhole(value) && meets(Number(value.s * value.n))) !== not;
}

/** Whether a whole number of at most 15 digits meets a condition that asks for no inks, turned round or not. */
export function wholeTestOf(condition: Condition): (number: number) => boolean {
  const { whole } = kindOf(condition);
  const { not } = condition;
  if (!whole) {
    const test = testOf(condition);
    return (number) => test(exact(number), 0);
  }
  const meets = whole(condition);
  return (number) => meets(number) !== not;
}

/** Maximum number of members in a rule limited to its first ones. */
export const MAX_FIRST = 200;

/** Limits a rule to the first whole numbers that meet it, counted from one of them on. */
export const FirstOnly = schema((z) =>
  z.object({
    many: z.int().check(z.minimum(1), z.maximum(MAX_FIRST)),
    from: wholeText(z, -1_000_000, 1_000_000),
  }),
);

/**
 * A described set of numbers: those that meet all of its conditions, or any of them; with `first`, only the first of the
 * whole numbers that do.
 */
export const Rule = schema((z) =>
  z
    .object({
      join: z.enum(["and", "or"]),
      conditions: z
        .array(Condition(z))
        .check(
          z.minLength(1),
          z.maxLength(MAX_CONDITIONS, `A rule has room for ${MAX_CONDITIONS} conditions.`),
        ),
      first: z.optional(FirstOnly(z)),
    })
    .check(
      z.refine(
        ({ first, conditions }) => !first || conditions.every((one) => kindOf(one).asks !== "inks"),
        "Only the first numbers can be taken of a rule that does not ask for marks.",
      ),
    ),
);
export type Rule = Checked<typeof Rule>;

/** The rule of one condition. */
export const ruleOf = (condition: Condition): Rule => ({ join: "and", conditions: [condition] });

/** Every number there is. */
export const ALL: Rule = ruleOf({ kind: "all", not: false });
/** Everything without a mark. */
export const UNMARKED: Rule = ruleOf({ kind: "marked", not: true });
export const MARKED: Rule = ruleOf({ kind: "marked", not: false });

/** Whether the members of a rule depend on the marks. */
export const asksForInks = ({ conditions }: Rule): boolean =>
  conditions.some((condition) => kindOf(condition).asks === "inks");

/** Whether two rules are written the same. */
export function sameRule(a: Rule, b: Rule): boolean {
  return a === b || textOf(a) === textOf(b);
}

/** The rule as one text, its parts in a fixed order. */
export function textOf({ join, conditions, first }: Rule): string {
  const texts = conditions.map((condition) => JSON.stringify(Object.entries(condition).sort()));
  const cut = first ? ` first ${first.many} from ${first.from}` : "";
  return `${conditions.length > 1 ? join : "and"} ${texts.join(" ")}${cut}`;
}
