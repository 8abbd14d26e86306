import { plainChart } from "../../surface/chart";
import * as z from "../../zod";
import { asking, CLEAR_MARKS, cover, focus, lift, list, mark, range, say, step, view } from "./parts";
import { makesStair, recipe, whole } from "./recipe";

const ROWS = 10;

const Fields = z.object({
  kind: z.literal("meet-the-chart"),
  first: whole(0, 9_000),
  columns: whole(3, 12),
  number: whole(0, 10_000),
});
type Inputs = z.infer<typeof Fields>;

const schema = Fields.check(
  makesStair(({ first, columns, number }: Inputs) => {
    const at = number - first;
    const row = Math.floor(at / columns);
    const column = at - row * columns;
    return row >= 1 && row <= ROWS - 2 && column >= 1 && column <= columns - 2
      ? null
      : `${say(number)} does not stand inside this chart. Choose a number with a neighbour on each side.`;
  }),
);

/** How a chart is built: along a row, down a column, and the neighbours of a number. */
export const meetTheChart = recipe<Inputs>({
  kind: "meet-the-chart",
  schema,
  starts: { kind: "meet-the-chart", first: 1, columns: 10, number: 47 },
  name: "Meet the chart",
  about: "The class finds out how a chart is built: along a row, down a column, round a number.",
  fields: [
    { part: "first", label: "First", whole: { min: 0, max: 9_000 } },
    { part: "columns", label: "In each row", whole: { min: 3, max: 12 } },
    { part: "number", label: "A number inside", whole: { min: 0, max: 10_000 } },
  ],
  write({ first, columns, number }) {
    const [above, before, after, below] = [number - columns, number - 1, number + 1, number + columns];
    const around = [above!, before!, after!, below!];
    const column = (number - first) % columns;
    const down = range(first + column, first + column + columns * (ROWS - 1), columns);
    const tens = columns % 10 === 0;
    return {
      title: "How the chart is built",
      views: [view(plainChart(String(first), "1", columns, { by: "rows", rows: ROWS }))],
      steps: [
        step("Rows", "How many numbers are in each row?", say(columns)),
        step(
          "Along a row",
          "What happens to the number from square to square along the row?",
          "It goes up by 1",
          range(number - column, number).map((at) => [mark("sun", at), focus(at)]),
        ),
        asking("covered", [below!], {
          title: "One row down",
          question: `Which number is below ${say(number)}?`,
          answer: `${say(below!)}: ${say(columns)} more`,
          beats: [[CLEAR_MARKS, cover(below!), focus(number)]],
        }),
        asking("covered", [above!], {
          title: "One row up",
          question: `Which number is above ${say(number)}?`,
          answer: `${say(above!)}: ${say(columns)} less`,
          beats: [[lift(below!)], [cover(above!), focus(number)]],
        }),
        step(
          "Down a column",
          tens
            ? "Which digit stays the same down this column?"
            : "How much does the number go up from row to row?",
          tens ? `The ones digit: it is always ${number % 10}` : `By ${say(columns)}`,
          [[lift(above!), focus(null)], ...down.map((at) => [mark("sea", at)])],
        ),
        asking("covered", around, {
          title: "All four neighbours",
          question: `What are the four neighbours of ${say(number)}?`,
          answer: list(around),
          beats: [[CLEAR_MARKS, cover(...around), focus(number)]],
        }),
        step("Look", "", "", [[lift(...around)], [{ do: "guides", on: true }]]),
      ],
    };
  },
});
