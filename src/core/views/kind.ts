import type { NumberKey } from "../number/exact";
import type { Z } from "../schema";
import type { Target } from "../surface/cell-key";
import type { WindowAt } from "../surface/times-grid";
import type * as z from "../zod";

/** The part of a view that is seen, where it is no longer the whole of it: of a line, or of a times grid. */
export type Seen = {
  readonly look?: { readonly from: NumberKey; readonly to: NumberKey } | undefined;
  readonly window?: WindowAt | undefined;
};

type Options = readonly { readonly value: string; readonly label: string }[];

/**
 * A field of the set-up: one of a few values side by side, one of a list, yes or no, a number, a whole number, a few
 * words, or several numbers in a row.
 */
export type KindField = {
  readonly part: string;
  readonly label: string;
  /** Asked for only if another setting has one of these values: otherwise it would change nothing. */
  readonly only?: { readonly part: string; readonly is: readonly string[] };
} & (
  | { readonly options: Options }
  | { readonly list: Options }
  /** Yes or no: the value for each. */
  | { readonly switched: { readonly off: string; readonly on: string } }
  | { readonly number: true }
  | { readonly whole: { readonly min: number; readonly max: number } }
  | { readonly text: { readonly max: number } }
  | { readonly numbers: { readonly min: number; readonly max: number } }
);

/** A kind of view: its settings, their starting values, the numbers it has, and its name. */
export type ViewKind<S extends { kind: string }> = {
  readonly kind: S["kind"];
  readonly schema: (z: Z) => z.ZodMiniObject & { readonly _zod: { readonly output: S } };
  readonly starts: S;
  /** Its name. */
  readonly name: string;
  /** The fields of its set-up, unless it needs a form of its own. */
  readonly fields: readonly KindField[];
  /** What distinguishes it from another of its kind: "1 to 100". */
  readonly says: (settings: S) => string;
  /** Its name among the views that lay out numbers; without it, it is none of them. */
  readonly surface?: string;
  /** What it needs in order to say anything: until there is one, it gives its room to the others. */
  readonly needs?: "a trail" | "a jump";
  /** Whether it has a place in the layout. */
  readonly stands: (settings: S) => boolean;
  /** Whether a count can reach one of its numbers. */
  readonly holds: (settings: S, number: NumberKey) => boolean;
  /** What can be touched on it, in order. */
  readonly lists: (settings: S, seen: Seen) => readonly Target[];
  /** The numbers that always stand on the lines of its board. */
  readonly pins: (settings: S) => readonly NumberKey[];
};

/** A kind of view that reads the trail or the focus, and has no numbers of its own. */
export const reader = <S extends { kind: string }>(
  kind: Pick<ViewKind<S>, "kind" | "schema" | "starts" | "name"> & Partial<ViewKind<S>>,
): ViewKind<S> => ({
  fields: [],
  says: () => "",
  stands: () => true,
  holds: () => false,
  lists: () => [],
  pins: () => [],
  ...kind,
});
