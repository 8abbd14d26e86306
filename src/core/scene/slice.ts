import type { NumberKey } from "../number/exact";
import { schema, type Z } from "../schema";
import type { Rule } from "../set/rule";
import type { Target } from "../surface/cell-key";
import type * as z from "../zod";
import type { LaidDraft } from "./laid";
import type { Scene } from "./scene";

/** A scene while moves are folded into it: parts may be replaced, and its two large maps may be changed in place. */
export type Draft = { -readonly [part in keyof Omit<Scene, "laid" | "written">]: Scene[part] } & {
  laid: LaidDraft;
  written: Map<Target, NumberKey>;
};

/** What an example is made from. The tests hand in something that finds the smallest case that fails. */
export type Some = {
  /** A whole number, both ends included. */
  whole: (min: number, max: number) => number;
  one: <const T>(of: readonly T[]) => T;
  /** An array of `min` to `max` items. */
  list: <T>(of: () => T, min: number, max: number) => T[];
  /** A rule of one or two conditions of any kind. */
  rule: () => Rule;
};

type Shape = Record<string, z.core.$ZodType>;
type Of<S extends Shape> = z.core.output<z.ZodMiniObject<S>>;

/** A kind of move: its name and what it holds, and what it does to a scene. */
export type MoveKind<M extends { do: string }> = {
  readonly do: M["do"];
  readonly schema: (z: Z) => z.ZodMiniType<M>;
  readonly apply: (draft: Draft, move: M) => void;
};
type Named<D extends string, S extends Shape> = keyof S extends never
  ? { do: D }
  : { do: D } & { [part in keyof Of<S>]: Of<S>[part] };

/**
 * @param check why a move of this kind is refused, though each of its parts is right; null where it is not
 */
export function move<const D extends string, S extends Shape>(
  name: D,
  holds: (z: Z) => S,
  apply: (draft: Draft, move: Of<S>) => void,
  check: (move: Of<S>) => string | null = () => null,
): MoveKind<Named<D, S>> {
  const checked = schema((z) =>
    z.object({ do: z.literal(name), ...holds(z) }).check((context) => {
      const message = check(context.value as unknown as Of<S>);
      if (message !== null) context.issues.push({ code: "custom", message, input: context.value });
    }),
  );
  return { do: name, schema: checked, apply } as unknown as MoveKind<Named<D, S>>;
}

/** Any kind of move, and any move. */
type AnyMoveKind = { readonly do: string; readonly schema: (z: Z) => z.core.$ZodType };

/**
 * A part of a scene: its initial value, the moves that are mainly about it, and the numbers and cells about which two
 * scenes may differ because of it; "any" if that may be any of them. A slice that says nothing about single numbers has
 * no `changed`.
 */
export type Slice<Part, Moves extends readonly AnyMoveKind[]> = {
  readonly initial: Part;
  readonly moves: Moves;
  /** Whether it is about numbers: a view that keeps its own has these parts for itself. */
  readonly ofNumbers?: true;
  readonly changed?: (before: Scene, after: Scene) => Iterable<Target> | "any";
};

/**
 * An example of each move of a slice, for the tests. It stands in the slice's file but not in the slice: no page loads it.
 */
export type ExamplesOf<Moves extends readonly AnyMoveKind[]> = {
  readonly [Kind in Moves[number] as Kind["do"]]: (some: Some) => HeldBy<Kind>;
};
type HeldBy<Kind> = Kind extends MoveKind<infer M> ? Omit<M, "do"> : never;
