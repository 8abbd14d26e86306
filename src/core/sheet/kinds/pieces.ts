import { drawDifferent } from "../../puzzle/draw";
import { drawNumber } from "../../puzzle/draw-number";
import { ZEROS } from "../../puzzle/drawn-numbers";
import { KINDS } from "../../views/kinds";
import * as z from "../../zod";
import { howMany, sheetKind } from "../sheet-kind";

/** Pieces of numbers, to be read and written in digits. */
export const PiecesSheet = z.object({
  kind: z.literal("pieces"),
  as: z.enum(["blocks", "discs", "bundles"]),
  numbers: z.enum(["teens", "tens", "hundreds", "thousands"]),
  zeros: z.enum(ZEROS),
  count: z.int().check(z.minimum(1), z.maximum(12)),
});
export type PiecesSheet = z.infer<typeof PiecesSheet>;

const NUMBERS = [
  { value: "teens", label: "11 to 19" },
  { value: "tens", label: "Tens and ones" },
  { value: "hundreds", label: "Hundreds" },
  { value: "thousands", label: "Thousands" },
] as const;

export const pieces = sheetKind<PiecesSheet>({
  kind: "pieces",
  schema: PiecesSheet,
  starts: { kind: "pieces", as: "blocks", numbers: "hundreds", zeros: "may", count: 6 },
  name: "Pieces to read",
  fields: [
    {
      part: "as",
      label: "Pieces",
      options: [
        { value: "blocks", label: "Blocks" },
        { value: "discs", label: "Discs" },
        { value: "bundles", label: "Bundles" },
      ],
    },
    { part: "numbers", label: "Numbers", list: NUMBERS, only: { part: "as", is: ["blocks", "discs"] } },
    // Bundles go to hundreds.
    { part: "numbers", label: "Numbers", list: NUMBERS.slice(0, 3), only: { part: "as", is: ["bundles"] } },
    {
      part: "zeros",
      label: "A 0 among the digits",
      list: [
        { value: "may", label: "Now and then" },
        { value: "some", label: "Always" },
        { value: "none", label: "Never" },
      ],
      only: { part: "numbers", is: ["tens", "hundreds", "thousands"] },
    },
    howMany(12, "How many"),
  ],
  drawn: () => true,
  make({ as, numbers, zeros, count }, random) {
    const draws = as === "bundles" && numbers === "thousands" ? "hundreds" : numbers;
    const settings = { ...KINDS["place-value"].starts, as, digits: "none" } as const;
    // These settings always draw a number.
    const draw = () => drawNumber({ draws, zeros }, random, null)!;
    const tasks = drawDifferent(count, draw, (number) => number).map((number) => ({
      view: { settings, question: [{ do: "focus", number } as const], answer: [], ratio: 0.62 },
      signs: [{ blank: number }],
    }));
    return { instruction: "Read the pieces. Write the number.", across: count === 1 ? 1 : 2, tasks };
  },
});
