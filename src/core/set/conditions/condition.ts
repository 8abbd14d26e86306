import * as z from "zod/mini";
import { type Exact, exact } from "../../number/exact";
import { NumberText } from "../../number/number-schema";
import { showNumber } from "../../number/show-number";
import type { InkSet } from "../ink";

/** What an example is made from. The tests hand in something that finds the smallest case that fails. */
export type SomeWhole = { whole: (min: number, max: number) => number };

export type Shape = Record<string, z.core.$ZodType>;
type Of<S extends Shape> = z.core.output<z.ZodMiniObject<S>>;

/** What stands in the row of controls of a condition, in the order in which it is read. */
export type ConditionField =
  | { readonly word: string }
  | { readonly part: string; readonly label: string; readonly number: "required" | "optional" }
  | { readonly part: string; readonly label: string; readonly oneOf: readonly (string | number)[] };

/** How a condition is chosen, and what it then begins with; what can be kept of the one it replaces is kept. */
export type ConditionChoice<S extends Shape> = {
  readonly value: string;
  readonly label: string;
  readonly start: (old: Readonly<Record<string, unknown>>) => Of<S>;
};

/**
 * A kind of condition that a number meets or not.
 * @typeParam S the parts of the condition beside its kind and whether it is turned round
 */
export type ConditionKind<K extends string, S extends Shape> = {
  readonly kind: K;
  readonly parts: S;
  readonly choices: readonly ConditionChoice<S>[];
  readonly fields: readonly ConditionField[];
  /** What the answer depends on; an answer that depends on the number alone is kept. */
  readonly asks: "number" | "inks" | "nothing";
  /** Whether a number meets the condition, before it is turned round. */
  readonly test: (condition: Of<S>) => (value: Exact, inks: InkSet) => boolean;
  /** The numbers that meet it: "multiples of 6, from 6 to 120". */
  readonly noun: (condition: Of<S>) => string;
  /** The numbers that do not, where that can be said more shortly than "numbers that are not …". */
  readonly nounNot?: (condition: Of<S>) => string;
  /** Numbers that meet it are this, or have this: "marked in sun", "the ones digit 4". */
  readonly verb: "are" | "have";
  readonly predicate: (condition: Of<S>) => string;
  readonly example: (some: SomeWhole) => Of<S>;
};

/** Gives a kind of condition its exact type. */
export const condition = <const K extends string, S extends Shape>(kind: ConditionKind<K, S>) => kind;

/** A condition that is one word: even, odd, marked. */
export const wordCondition = <const K extends string>(
  kind: Pick<ConditionKind<K, Record<never, never>>, "kind" | "asks" | "noun" | "predicate" | "test"> & {
    label: string;
  },
) =>
  condition<K, Record<never, never>>({
    ...kind,
    parts: {},
    choices: [{ value: kind.kind, label: kind.label, start: () => ({}) }],
    fields: [],
    verb: "are",
    example: () => ({}),
  });

export const Above0 = NumberText.check(
  z.refine((text) => exact(text).compare(0) > 0, "Write a number above 0."),
);

/** From one number to another, both included; an end that is not given is open. */
export function range(from: string | undefined, to: string | undefined): (value: Exact) => boolean {
  const [min, max] = [from === undefined ? null : exact(from), to === undefined ? null : exact(to)];
  return (value) => (!min || value.compare(min) >= 0) && (!max || value.compare(max) <= 0);
}

export const upTo = (to: string | undefined): string => (to === undefined ? "" : ` to ${showNumber(to)}`);

/** A text that the condition before had, else another. */
export const keepText = (old: unknown, otherwise: string): string =>
  typeof old === "string" ? old : otherwise;
