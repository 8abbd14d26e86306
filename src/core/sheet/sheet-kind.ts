import type { Chance } from "../puzzle/draw";
import type { KindField } from "../views/kind";
import * as z from "../zod";
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

/**
 * What a part is set to must make a view that there can be: what is wrong with the view is said of the part, in the same
 * words.
 */
export const makesView = <S>(schema: z.ZodMiniType, viewOf: (settings: S) => unknown) =>
  z.check<S>(({ issues, value }) => {
    // A field that is none in itself has said so.
    if (issues.length > 0) return;
    const fault = schema.safeParse(viewOf(value)).error?.issues[0];
    if (fault) issues.push({ code: "custom", message: fault.message, input: value });
  });

/** A choice of how many, as the fields ask for it. */
export const howMany = (most: number, label = "How many") =>
  ({ part: "count", label, whole: { least: 1, most } }) as const;
