import { NumberText } from "../../../number/number-schema";
import { LineSettings, plainLine } from "../../../surface/line";
import { STARTING_LINES } from "../../../surface/starting-lines";
import type { KindField } from "../../../views/kind";
import { KINDS } from "../../../views/kinds";
import * as z from "../../../zod";
import { view } from "../parts";
import { makesBoard, recipe } from "../recipe";

export const ENDS = {
  from: NumberText(z),
  to: NumberText(z),
  interval: NumberText(z),
  divisions: z.int().check(z.minimum(1), z.maximum(20)),
};
export const END_FIELDS: readonly KindField[] = [
  { part: "from", label: "From", number: true },
  { part: "to", label: "To", number: true },
  { part: "interval", label: "Interval", number: true },
  { part: "divisions", label: "Parts in each interval", whole: { min: 1, max: 20 } },
];

const Fields = z.object({
  kind: z.literal("line"),
  ...ENDS,
  shape: z.enum(["flat", "upright", "ring"]),
  numbers: z.enum(["decimal", "mixed"]),
  open: z.enum(["no", "yes"]),
});
type Inputs = z.infer<typeof Fields>;

const settingsOf = ({ from, to, interval, divisions, shape, numbers, open }: Inputs): LineSettings =>
  plainLine(from, to, interval, divisions, { shape, numbers, open: open === "yes" });

const startsWith = ({ from, to, interval, divisions, shape, numbers, open }: LineSettings): Inputs => ({
  kind: "line",
  from,
  to,
  interval,
  divisions,
  shape,
  numbers: numbers === "mixed" ? "mixed" : "decimal",
  open: open ? "yes" : "no",
});

/** A board with a number line, and the number sentence below it. */
export const line = recipe<Inputs>({
  kind: "line",
  schema: Fields.check(makesBoard((inputs: Inputs) => LineSettings(z).safeParse(settingsOf(inputs)))),
  starts: startsWith(STARTING_LINES[2].line),
  name: "A line",
  about: "A number line, with the number sentence of its jumps below it.",
  presets: STARTING_LINES.map(({ name, line: settings }) => ({ name, inputs: startsWith(settings) })),
  fields: [
    ...END_FIELDS,
    {
      part: "shape",
      label: "Shape",
      options: [
        { value: "flat", label: "Flat" },
        { value: "upright", label: "Upright" },
        { value: "ring", label: "Circle" },
      ],
    },
    {
      part: "open",
      label: "Empty line: only the numbers you use",
      switched: { off: "no", on: "yes" },
    },
    {
      part: "numbers",
      label: "Numbers written as",
      options: [
        { value: "decimal", label: "Decimals" },
        { value: "mixed", label: "Fractions" },
      ],
    },
  ],
  write: (inputs) => ({
    title: "Board 1",
    views: [view(settingsOf(inputs)), view(KINDS.sentence.starts)],
    layout: { run: "above", share: 0.7 },
    steps: [],
  }),
});
