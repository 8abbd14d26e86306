import { type Exact, exact, type NumberKey } from "../../number/exact";
import { NumberText } from "../../number/number-schema";
import { readNumber } from "../../number/read-number";
import { showNumber } from "../../number/show-number";
import { schema, type Z } from "../../schema";
import type * as z from "../../zod";
import type { InkSet } from "../ink";
import type { Squares } from "../squares";

export type Shape = Record<string, z.core.$ZodType>;
type Of<S extends Shape> = z.core.output<z.ZodMiniObject<S>>;

/** What stands in the row of controls of a condition, in the order in which it is read. */
export type ConditionField =
  | { readonly word: string }
  | {
      readonly part: string;
      readonly label: string;
      readonly number: "required" | "optional";
      /** Read before the noun: 2, more than a multiple of 5. */
      readonly before?: true;
    }
  | { readonly part: string; readonly label: string; readonly numbers: { readonly max: number } }
  | {
      readonly part: string;
      readonly label: string;
      readonly oneOf: readonly (string | number)[];
      readonly names?: Readonly<Record<string, string>>;
    };

/** The families in which conditions are offered. */
export const FAMILIES = {
  multiples: "Multiples and factors",
  numbers: "Kinds of number",
  sequences: "Sequences",
  digits: "Digits",
  size: "Size",
  squares: "Where they stand",
  marks: "Marks",
} as const;
export type Family = keyof typeof FAMILIES;

/**
 * A way of choosing the condition, and its starting values; they keep what they can of the condition being replaced. A
 * condition about squares starts with those of the chart at hand.
 */
export type ConditionChoice<S extends Shape> = {
  readonly value: string;
  readonly label: string;
  readonly start: (old: Readonly<Record<string, unknown>>, squares: Squares) => Of<S>;
};

/**
 * What is known about a shading whose rule is being searched for. Numbers are whole and ascending unless stated
 * otherwise.
 */
export type Clues = {
  /** All shaded numbers, also those that are not whole. */
  readonly all: readonly NumberKey[];
  /** The chart's difference, if that is not a whole number. */
  readonly unit: NumberKey | null;
  /** The numbers of the chart. */
  readonly numbers: readonly number[];
  readonly shaded: readonly number[];
  /** The greatest common divisor of all numbers of the chart; 1 where some are not whole. */
  readonly allDivisor: number;
  /** The greatest common divisor of the shaded numbers, and of the gaps between them; 0 where there is none. */
  readonly divisor: number;
  readonly gap: number;
  /** The chart that they stand on. */
  readonly squares: Squares | null;
};

/** The test of a condition: for any number, for whole ones only, or for any with a faster one for whole numbers. */
type Asked<C> =
  | {
      readonly test: (condition: C) => (value: Exact, inks: InkSet) => boolean;
      readonly whole?: (condition: C) => (number: number) => boolean;
    }
  | {
      readonly test?: undefined;
      /** Whether a whole number of at most 15 digits meets it; no other number does. */
      readonly whole: (condition: C) => (number: number) => boolean;
    };

/**
 * A kind of condition that a number meets or not.
 * @typeParam S the parts of the condition beside its kind and whether it is turned round
 */
export type ConditionKind<K extends string, S extends Shape> = Asked<Of<S>> & {
  readonly kind: K;
  readonly family: Family;
  readonly parts: (z: Z) => S;
  readonly choices: readonly ConditionChoice<S>[];
  readonly fields: readonly ConditionField[];
  /** Why parts that are right each for itself make no condition together; null where they do. */
  readonly fault?: (condition: Of<S>) => string | null;
  /** What the answer depends on; an answer that depends only on the number is cached. */
  readonly asks: "number" | "inks" | "nothing";
  /** All whole numbers that meet it, where they are few and quicker to list than to try; null where they are not. */
  readonly few?: (condition: Of<S>) => readonly number[] | null;
  /** The least whole number from one on that meets it, null where there is none; left out where most are near. */
  readonly next?: (condition: Of<S>) => (from: number) => number | null;
  /** Its period: adding this to a number never changes the answer. */
  readonly period?: (condition: Of<S>) => string | null;
  /** The numbers that meet it: "multiples of 6, from 6 to 120". */
  readonly noun: (condition: Of<S>) => string;
  /** The numbers that do not meet it, if there is a shorter way to say so than "numbers that are not …". */
  readonly nounNot?: (condition: Of<S>) => string;
  /** Numbers that meet it are this, or have this: "marked in sun", "the ones digit 4". */
  readonly verb: "are" | "have";
  readonly predicate: (condition: Of<S>) => string;
  /** The shortest wording, for a label; left out if it is the predicate. */
  readonly short?: (condition: Of<S>) => string;
  /** Cases with a wording of their own, without their numbers: multiples of 1 are whole numbers. */
  readonly ownWords?: readonly Of<S>[];
  /** The cost of naming its kind, in bits: see `description-length.ts`. */
  readonly weight: number;
  /** Conditions of this kind that may explain a shading. Without it there are none. */
  readonly offers?: (clues: Clues) => Iterable<Of<S>>;
};

/** Gives a kind of condition its exact type. */
export const condition = <const K extends string, S extends Shape>(kind: ConditionKind<K, S>) => kind;

type Word<K extends string> = Pick<
  ConditionKind<K, Record<never, never>>,
  "kind" | "family" | "asks" | "noun" | "predicate" | "next" | "period" | "weight"
> &
  Asked<Record<never, never>> & { label: string; offered?: false };

/**
 * A condition that is a single word: even, odd, marked. It is a candidate for every shading unless it is not `offered`.
 */
export const wordCondition = <const K extends string>({ label, offered, ...kind }: Word<K>) =>
  condition<K, Record<never, never>>({
    ...kind,
    parts: () => ({}),
    choices: [{ value: kind.kind, label, start: () => ({}) }],
    fields: [],
    verb: "are",
    ...(offered === false ? {} : { offers: () => [{}] }),
  });

export const Above0 = schema((z) =>
  NumberText(z).check(z.refine((text) => exact(text).compare(0) > 0, "Write a number above 0.")),
);

/** From one number to another, both included; a missing end is open. */
export function range(from: string | undefined, to: string | undefined): (value: Exact) => boolean {
  const [min, max] = [from === undefined ? null : exact(from), to === undefined ? null : exact(to)];
  return (value) => (!min || value.compare(min) >= 0) && (!max || value.compare(max) <= 0);
}

/** The same for whole numbers, which are asked about by the thousand. */
export function wholeRange(from: string | undefined, to: string | undefined): (number: number) => boolean {
  const min = from === undefined ? Number.NEGATIVE_INFINITY : Number(exact(from).ceil());
  const max = to === undefined ? Number.POSITIVE_INFINITY : Number(exact(to).floor());
  return (number) => number >= min && number <= max;
}

/** Minimum number of shaded numbers for a candidate that begins or ends at one of them: fewer are no pattern. */
export const MIN_BOUNDED = 3;

export const upTo = (to: string | undefined): string => (to === undefined ? "" : ` to ${showNumber(to)}`);

/** A text of the previous condition, else the given one. */
export const keepText = (old: unknown, otherwise: string): string =>
  typeof old === "string" ? old : otherwise;

/** Whether a readable number is whole and within bounds. */
function isWholeWithin(text: string, min: number, max: number): boolean {
  const value = exact(text);
  return value.d === 1n && value.compare(min) >= 0 && value.compare(max) <= 0;
}

/** A whole number within bounds, as text. */
export const wholeText = (z: Z, min: number, max: number) =>
  NumberText(z).check(
    z.refine(
      (text) => isWholeWithin(text, min, max),
      `Write a whole number from ${showNumber(String(min))} to ${showNumber(String(max))}.`,
    ),
  );

/** A text of the previous condition if it is a whole number within bounds, else the given one. */
export function keepWhole(old: unknown, min: number, max: number, otherwise: string): string {
  const text = keepText(old, otherwise);
  const read = readNumber(text);
  return read.ok && isWholeWithin(read.text, min, max) ? read.text : otherwise;
}

/** The numbers from one to another, both included. */
export const upwards = (from: number, to: number): number[] =>
  Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => from + i);
