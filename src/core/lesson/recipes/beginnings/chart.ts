import { NumberText } from "../../../number/number-schema";
import { ALL } from "../../../set/rule";
import { ChartSettings, chartNumbers } from "../../../surface/chart";
import { STARTING_CHARTS } from "../../../surface/starting-charts";
import * as z from "../../../zod";
import { view } from "../parts";
import { makesBoard, recipe } from "../recipe";

const Fields = z.object({
  kind: z.literal("chart"),
  first: NumberText(z),
  difference: NumberText(z),
  columns: z.int().check(z.minimum(1), z.maximum(30)),
  last: NumberText(z),
  numbers: z.enum(["shown", "blank"]),
});
type Inputs = z.infer<typeof Fields>;

const settingsOf = ({ first, difference, columns, last, numbers }: Inputs): ChartSettings => ({
  kind: "chart",
  first,
  difference,
  columns,
  until: { by: "last", last },
  run: "across",
  climb: "down",
  reads: "one-way",
  covers: numbers === "blank" ? "empty" : "solid",
});

const startsWith = ({ first, difference, columns, covers }: ChartSettings, last: string): Inputs => ({
  kind: "chart",
  first,
  difference,
  columns,
  last,
  numbers: covers === "empty" ? "blank" : "shown",
});

/** A board with a chart of one's own numbers. */
export const chart = recipe<Inputs>({
  kind: "chart",
  schema: Fields.check(makesBoard((inputs: Inputs) => ChartSettings(z).safeParse(settingsOf(inputs)))),
  starts: startsWith(STARTING_CHARTS[0].chart, "100"),
  name: "A chart",
  about: "Numbers in rows, with the count so far beside them.",
  presets: STARTING_CHARTS.map(({ name, chart: settings }) => ({
    name,
    inputs: startsWith(settings, chartNumbers(settings).at(-1)!),
  })),
  fields: [
    { part: "first", label: "First", number: true },
    { part: "difference", label: "Go up in", number: true },
    { part: "columns", label: "In each row", whole: { min: 1, max: 30 } },
    { part: "last", label: "Last", number: true },
    {
      part: "numbers",
      label: "Numbers",
      options: [
        { value: "shown", label: "Shown" },
        { value: "blank", label: "Blank" },
      ],
    },
  ],
  write(inputs) {
    return {
      title: "Board 1",
      views: [
        view(settingsOf(inputs)),
        view({ kind: "trail", numbers: true, sentence: true, ones: true, words: "off" }),
      ],
      opening: inputs.numbers === "blank" ? [{ do: "cover", numbers: ALL }] : [],
      steps: [],
    };
  },
});
