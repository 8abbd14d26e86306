import { NEW_TIMES, TimesSettings } from "../../../surface/times-grid";
import { KINDS } from "../../../views/kinds";
import * as z from "../../../zod";
import { view } from "../parts";
import { makesBoard, recipe, whole } from "../recipe";

const Fields = z.object({
  kind: z.literal("times-grid"),
  row: whole(1, 1_000),
  rows: whole(1, 20),
  column: whole(1, 1_000),
  columns: whole(3, 24),
});
type Inputs = z.infer<typeof Fields>;

const settingsOf = ({ kind: _, ...window }: Inputs): TimesSettings => ({ ...NEW_TIMES, ...window });

/** A board with a times grid. */
export const timesGrid = recipe<Inputs>({
  kind: "times-grid",
  schema: Fields.check(makesBoard((inputs: Inputs) => TimesSettings(z).safeParse(settingsOf(inputs)))),
  starts: { kind: "times-grid", row: 1, rows: 10, column: 1, columns: 10 },
  name: "A times grid",
  about: "Each row and each column counts in its own number.",
  fields: [
    { part: "row", label: "First row", whole: { min: 1, max: 1_000 } },
    { part: "rows", label: "Rows", whole: { min: 1, max: 20 } },
    { part: "column", label: "First column", whole: { min: 1, max: 1_000 } },
    { part: "columns", label: "Columns", whole: { min: 3, max: 24 } },
  ],
  write: (inputs) => ({
    title: "Board 1",
    views: [view(settingsOf(inputs)), view(KINDS.trail.starts)],
    steps: [],
  }),
});
