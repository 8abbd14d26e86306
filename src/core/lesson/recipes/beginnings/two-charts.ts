import { NumberText } from "../../../number/number-schema";
import { ChartSettings, plainChart } from "../../../surface/chart";
import * as z from "../../../zod";
import { view } from "../parts";
import { makesBoard, recipe } from "../recipe";

const Fields = z.object({
  kind: z.literal("two-charts"),
  first: NumberText(z),
  second: NumberText(z),
  columns: z.int().check(z.minimum(1), z.maximum(30)),
  rows: z.int().check(z.minimum(1), z.maximum(40)),
  marks: z.enum(["shared", "own"]),
});
type Inputs = z.infer<typeof Fields>;

const chartFrom = (first: string, { columns, rows }: Inputs): ChartSettings =>
  plainChart(first, "1", columns, { by: "rows", rows });

/** A board with two charts side by side: with their marks shared, or each with its own. */
export const twoCharts = recipe<Inputs>({
  kind: "two-charts",
  schema: Fields.check(
    makesBoard((inputs: Inputs) => ChartSettings(z).safeParse(chartFrom(inputs.first, inputs))),
  ),
  starts: { kind: "two-charts", first: "1", second: "101", columns: 10, rows: 10, marks: "shared" },
  name: "Two charts",
  about: "Side by side: this hundred and the next, or two counts to be compared.",
  fields: [
    { part: "first", label: "First on the left", number: true },
    { part: "second", label: "First on the right", number: true },
    { part: "columns", label: "In each row", whole: { min: 1, max: 30 } },
    { part: "rows", label: "Rows", whole: { min: 1, max: 40 } },
    {
      part: "marks",
      label: "Marks, covers and count",
      options: [
        { value: "shared", label: "Shared" },
        { value: "own", label: "Its own" },
      ],
    },
  ],
  write(inputs) {
    const own = inputs.marks === "own" ? { own: true as const } : {};
    return {
      title: "Board 1",
      views: [
        { ...view(chartFrom(inputs.first, inputs), "chart"), ...own },
        { ...view(chartFrom(inputs.second, inputs), "chart-2"), ...own },
      ],
      layout: { run: "beside", share: 0.5 },
      steps: [],
    };
  },
});
