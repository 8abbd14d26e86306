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
 * A setting that the drawer asks for: one of a few values that stand beside each other, one of a list, yes or no, a number,
 * a whole number, a few words, or some numbers in a row.
 */
export type KindField = {
  readonly part: string;
  readonly label: string;
  /** It is asked for only where another part is one of these: elsewhere it would change nothing. */
  readonly only?: { readonly part: string; readonly is: readonly string[] };
} & (
  | { readonly options: Options }
  | { readonly list: Options }
  /** Something that is so or not: the value for either. */
  | { readonly switched: { readonly off: string; readonly on: string } }
  | { readonly number: true }
  | { readonly whole: { readonly least: number; readonly most: number } }
  | { readonly text: { readonly most: number } }
  | { readonly numbers: { readonly least: number; readonly most: number } }
);

/** A kind of view: what it is set to, what it starts with, which numbers it has, and how it is called. */
export type ViewKind<S extends { kind: string }> = {
  readonly kind: S["kind"];
  readonly schema: (z: Z) => z.ZodMiniObject & { readonly _zod: { readonly output: S } };
  readonly starts: S;
  /** What it is called. */
  readonly name: string;
  /** What it is set up with, where that needs no form of its own. */
  readonly fields: readonly KindField[];
  /** What it says of itself, to tell it from another of its kind: "1 to 100". */
  readonly says: (settings: S) => string;
  /** Its name among the views that numbers are laid out on; no such view without it. */
  readonly surface?: string;
  /** What it says nothing without: then it gives its room to the others until there is one. */
  readonly needs?: "a trail" | "a jump";
  /** Whether it has a place in the layout. */
  readonly stands: (settings: S) => boolean;
  /** Whether a count can go to a number of it. */
  readonly holds: (settings: S, number: NumberKey) => boolean;
  /** What can be touched on it, in order. */
  readonly lists: (settings: S, seen: Seen) => readonly Target[];
  /** The numbers that stand on the lines of its board whatever is done. */
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
