import type * as z from "zod/mini";
import type { Chance } from "../puzzle/draw";
import type { KindField } from "../views/kind";
import type { Made } from "./task";

/** A kind of part of a sheet: what it is set to, what it starts with, how it is called and what it makes. */
export type SheetKind<S extends { kind: string }> = {
  readonly kind: S["kind"];
  readonly schema: z.ZodMiniObject & { readonly _zod: { readonly output: S } };
  readonly starts: S;
  readonly name: string;
  readonly fields: readonly KindField[];
  /** What stands on one copy: the same for the same chance, and right whatever it draws. */
  readonly make: (settings: S, chance: Chance) => Made;
};

export const sheetKind = <S extends { kind: string }>(kind: SheetKind<S>): SheetKind<S> => kind;

/** A choice of how many, as the fields ask for it. */
export const howMany = (most: number, label = "How many") =>
  ({ part: "count", label, whole: { least: 1, most } }) as const;
