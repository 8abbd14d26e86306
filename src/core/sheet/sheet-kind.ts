import type { Random } from "../puzzle/draw";
import type { KindField } from "../views/kind";
import * as z from "../zod";
import type { Made } from "./task";

/** A kind of part of a sheet: its settings, their starting values, its name, and what it makes of them. */
export type SheetKind<S extends { kind: string }> = {
  readonly kind: S["kind"];
  readonly schema: z.ZodMiniObject & { readonly _zod: { readonly output: S } };
  readonly starts: S;
  readonly name: string;
  readonly fields: readonly KindField[];
  /** Whether anything of it is drawn by chance: without that, one copy is like the other. */
  readonly drawn: (settings: S) => boolean;
  /** What stands on one copy: the same for the same random numbers, and correct whatever they are. */
  readonly make: (settings: S, random: Random) => Made;
};

export const sheetKind = <S extends { kind: string }>(kind: SheetKind<S>): SheetKind<S> => kind;

/** The settings of a part must give a valid view: a fault of the view is reported for the part, in the same words. */
export const makesView = <S>(schema: z.ZodMiniType, viewOf: (settings: S) => unknown) =>
  z.check<S>(({ issues, value }) => {
    // A field that is invalid by itself has its own message.
    if (issues.length > 0) return;
    const fault = schema.safeParse(viewOf(value)).error?.issues[0];
    if (fault) issues.push({ code: "custom", message: fault.message, input: value });
  });

/** The field that asks for a number of tasks. */
export const howMany = (max: number, label = "How many") =>
  ({ part: "count", label, whole: { min: 1, max } }) as const;
