import { NEW_TIMES } from "../../surface/times-grid";
import type { ViewId } from "../../views/view-id";
import * as z from "../../zod";
import { asking, list, range, say, step, view } from "./parts";
import { makesStair, recipe, whole } from "./recipe";

const Fields = z.object({
  kind: z.literal("times-grid-goes-on"),
  row: whole(1, 50),
  rows: whole(2, 12),
  column: whole(1, 50),
  columns: whole(3, 12),
});
type Inputs = z.infer<typeof Fields>;

const TIMES = "times" as ViewId;

/** Part of a times grid: what comes next to the right, and what below? */
export const timesGridGoesOn = recipe<Inputs>({
  kind: "times-grid-goes-on",
  schema: Fields.check(makesStair((_: Inputs) => null)),
  starts: { kind: "times-grid-goes-on", row: 1, rows: 8, column: 1, columns: 10 },
  name: "The times grid goes on",
  about: "The class says the next numbers to the right and below, before they are seen.",
  fields: [
    { part: "row", label: "First row", whole: { min: 1, max: 50 } },
    { part: "rows", label: "Rows", whole: { min: 2, max: 12 } },
    { part: "column", label: "First column", whole: { min: 1, max: 50 } },
    { part: "columns", label: "Columns", whole: { min: 3, max: 12 } },
  ],
  write({ row, rows, column, columns }) {
    const [right, below] = [column + columns, row + rows];
    const down = range(row, row + rows - 1).map((at) => at * right);
    // By then the grid has moved on by one column.
    const along = range(column + 1, right).map((at) => at * below);
    return {
      title: "The times grid goes on",
      views: [view({ ...NEW_TIMES, row, rows, column, columns })],
      steps: [
        step(
          "Along a row",
          `How far is it from one number to the next in row ${say(below - 1)}?`,
          `${say(below - 1)}: the row counts in ${say(below - 1)}s`,
        ),
        asking("unmarked", down, {
          title: "To the right",
          question: "The grid goes on. What comes next to the right, row by row?",
          answer: `${list(down)}: the ${say(right)}s`,
          beats: [[{ do: "wonder", view: TIMES, side: "right" }]],
        }),
        asking("unmarked", along, {
          title: "Below",
          question: "And what comes next below, column by column?",
          answer: `${list(along)}: the ${say(below)}s`,
          beats: [
            [{ do: "slide", view: TIMES, row, column: column + 1 }],
            [{ do: "wonder", view: TIMES, side: "below" }],
          ],
        }),
        step(
          "The corner",
          "Which number is in the last corner, and which row and column is it in?",
          `${say(below * right)}: row ${say(below)}, column ${say(right)}`,
          [[{ do: "slide", view: TIMES, row: row + 1, column: column + 1 }]],
        ),
      ],
    };
  },
});
