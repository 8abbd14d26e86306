import * as z from "../../zod";
import { sheetKind } from "../sheet-kind";

/** A number strip in true size, to be cut out in pieces with an edge for glue: of centimetres, or of wider cells. */
export const StripSheet = z.object({
  kind: z.literal("strip"),
  from: z.int().check(z.minimum(-100), z.maximum(1000)),
  cells: z.int().check(z.minimum(5), z.maximum(120)),
  /** The width of a cell, in millimetres. */
  cell: z.int().check(z.minimum(10), z.maximum(30)),
  numbers: z.enum(["shown", "blank"]),
});
export type StripSheet = z.infer<typeof StripSheet>;

export const strip = sheetKind<StripSheet>({
  kind: "strip",
  schema: StripSheet,
  starts: { kind: "strip", from: 1, cells: 100, cell: 10, numbers: "shown" },
  name: "Strip to cut out",
  fields: [
    { part: "from", label: "First", whole: { min: -100, max: 1000 } },
    { part: "cells", label: "Squares", whole: { min: 5, max: 120 } },
    { part: "cell", label: "Width of a square in millimetres", whole: { min: 10, max: 30 } },
    {
      part: "numbers",
      label: "Numbers",
      options: [
        { value: "shown", label: "Shown" },
        { value: "blank", label: "None" },
      ],
    },
  ],
  drawn: () => false,
  make: ({ from, cells, cell, numbers }) => ({
    instruction: "Cut the pieces out. Glue each to the grey edge of the one before.",
    across: 1,
    tasks: [
      {
        strip: {
          numbers: Array.from({ length: cells }, (_, i) => String(from + i)),
          cell,
          blank: numbers === "blank",
        },
      },
    ],
  }),
});
