import { randomOf, Seed } from "../puzzle/draw";
import * as z from "../zod";
import { SHEET_KINDS } from "./kinds";
import type { SheetKind } from "./sheet-kind";
import type { Made } from "./task";

export type SheetKindName = keyof typeof SHEET_KINDS;
export type PartSettings = {
  [K in SheetKindName]: (typeof SHEET_KINDS)[K] extends SheetKind<infer S> ? S : never;
}[SheetKindName];

export const SHEET_KIND_NAMES = Object.keys(SHEET_KINDS) as SheetKindName[];

const schemas = SHEET_KIND_NAMES.map((kind) => SHEET_KINDS[kind].schema);
const PartSettingsSchema = z.discriminatedUnion(
  "kind",
  schemas as unknown as [z.ZodMiniObject],
) as unknown as z.ZodMiniType<PartSettings>;

/** Bounds of sheets: far above a year's use. */
export const MAX_SHEET = { parts: 8, copies: 60, title: 120, instruction: 200 } as const;

const Id = z.string().check(z.minLength(1), z.maxLength(40));
const Line = (max: number) =>
  z.string().check(z.trim(), z.maxLength(max, `Write at most ${max} characters.`));

/** A part of a sheet: what it is, and what pupils are asked to do, where that is said in the teacher's own words. */
export const SheetPart = z.object({
  id: Id,
  instruction: Line(MAX_SHEET.instruction),
  of: PartSettingsSchema,
});
export type SheetPart = z.infer<typeof SheetPart>;

/**
 * A sheet for the table, kept in its lesson. What is drawn by chance is drawn by its seed: the same sheet is printed again
 * as it was.
 * - `copies`: how many, each with numbers of its own where they are drawn by chance
 * - `answers`: whether a page with the answers follows each that differs from the one before
 */
export const Sheet = z.object({
  id: Id,
  title: z.string().check(z.trim(), z.minLength(1, "Give the sheet a title."), z.maxLength(MAX_SHEET.title)),
  paper: z.enum(["a4", "letter"]),
  way: z.enum(["upright", "lying"]),
  ink: z.enum(["colour", "grey"]),
  name: z.boolean(),
  answers: z.boolean(),
  copies: z.int().check(z.minimum(1), z.maximum(MAX_SHEET.copies)),
  seed: Seed(z),
  parts: z
    .array(SheetPart)
    .check(
      z.minLength(1, "A sheet needs a part."),
      z.maxLength(MAX_SHEET.parts, `A sheet has room for ${MAX_SHEET.parts} parts.`),
    ),
});
export type Sheet = z.infer<typeof Sheet>;

/** Which pages of a sheet to make: those for pupils, those with the answers, or all. */
export const SheetPages = z.enum(["all", "pupils", "answers"]);
export type SheetPages = z.infer<typeof SheetPages>;

/** The kind of a part, whichever it is. */
export const kindOfPart = <S extends PartSettings>({ kind }: S): SheetKind<S> =>
  SHEET_KINDS[kind] as unknown as SheetKind<S>;

/** A part as it stands on one copy: its number, where several parts have an instruction. */
export type MadePart = Made & { readonly nth: number | null };

/** Whether anything on a sheet is drawn by chance. */
export const isByChance = ({ parts }: Pick<Sheet, "parts">): boolean =>
  parts.some(({ of }) => kindOfPart(of).drawn(of));

/** Whether a sheet has several copies that differ. Those that are alike have the same answers. */
export const copiesDiffer = (sheet: Pick<Sheet, "copies" | "parts">): boolean =>
  sheet.copies > 1 && isByChance(sheet);

/** What is on the copy of a sheet with an index, from 0: the same whenever it is made. */
export function makeCopy({ parts, seed }: Sheet, copy: number): MadePart[] {
  const all = parts.map(({ of, instruction }, index) => {
    const made = kindOfPart(of).make(of, randomOf(seed, copy * MAX_SHEET.parts + index));
    return { ...made, instruction: instruction === "" ? made.instruction : instruction };
  });
  const told = all.filter(({ instruction }) => instruction !== "");
  return all.map((made) => ({ ...made, nth: told.length > 1 ? told.indexOf(made) + 1 || null : null }));
}

/** What a copy is called, so that a page and its answers find each other: A, B, … Z, A2, B2 … */
export const copyName = (copy: number): string => {
  const round = Math.floor(copy / 26);
  return `${String.fromCharCode(65 + (copy % 26))}${round === 0 ? "" : round + 1}`;
};

/** A new sheet with one part. */
export const newSheet = (id: string, title: string, seed: Seed, part: SheetPart): Sheet => ({
  id,
  title,
  paper: "a4",
  way: "upright",
  ink: "colour",
  name: true,
  answers: true,
  copies: 1,
  seed,
  parts: [part],
});
