import { NumberText } from "../../../number/number-schema";
import { ChartSettings, plainChart } from "../../../surface/chart";
import { LineSettings, plainLine } from "../../../surface/line";
import * as z from "../../../zod";
import { view } from "../parts";
import { makesBoard, recipe } from "../recipe";

const Fields = z.object({
  kind: z.literal("chart-and-line"),
  first: NumberText(z),
  columns: z.int().check(z.minimum(1), z.maximum(30)),
  last: NumberText(z),
  from: NumberText(z),
  to: NumberText(z),
  interval: NumberText(z),
});
type Inputs = z.infer<typeof Fields>;

const chartOf = ({ first, columns, last }: Inputs): ChartSettings =>
  plainChart(first, "1", columns, { by: "last", last });
const lineOf = ({ from, to, interval }: Inputs): LineSettings => plainLine(from, to, interval);

/** A board with a chart above a line that share their marks and their count. */
export const chartAndLine = recipe<Inputs>({
  kind: "chart-and-line",
  schema: Fields.check(
    makesBoard((inputs: Inputs) => ChartSettings(z).safeParse(chartOf(inputs))),
    makesBoard((inputs: Inputs) => LineSettings(z).safeParse(lineOf(inputs))),
  ),
  starts: {
    kind: "chart-and-line",
    first: "1",
    columns: 10,
    last: "50",
    from: "0",
    to: "50",
    interval: "10",
  },
  name: "A chart and a line",
  about: "What is marked or counted on one is seen on both.",
  fields: [
    { part: "first", label: "First on the chart", number: true },
    { part: "columns", label: "In each row", whole: { min: 1, max: 30 } },
    { part: "last", label: "Last on the chart", number: true },
    { part: "from", label: "Line from", number: true },
    { part: "to", label: "To", number: true },
    { part: "interval", label: "Interval", number: true },
  ],
  write: (inputs) => ({
    title: "Board 1",
    views: [view(chartOf(inputs)), view(lineOf(inputs))],
    layout: { run: "above", share: 0.66 },
    steps: [],
  }),
});
