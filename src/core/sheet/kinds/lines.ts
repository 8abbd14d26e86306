import { NumberText } from "../../number/number-schema";
import { LineSettings, lineNumbers, plainLine } from "../../surface/line";
import * as z from "../../zod";
import { howMany, makesView, sheetKind } from "../sheet-kind";

/** Lines to be written on: with all labels, those at the ends, or none. */
const Fields = z.object({
  kind: z.literal("lines"),
  from: NumberText(z),
  to: NumberText(z),
  interval: NumberText(z),
  divisions: z.int().check(z.minimum(1), z.maximum(10)),
  labels: z.enum(["all", "ends", "none"]),
  count: z.int().check(z.minimum(1), z.maximum(10)),
});
export type LinesSheet = z.infer<typeof Fields>;

const lineOf = ({ from, to, interval, divisions, labels }: LinesSheet): LineSettings =>
  plainLine(from, to, interval, divisions, { labels });

/** Maximum number of ticks of a line on paper: closer ones run into each other. */
const MAX_TICKS = 200;

export const LinesSheet = Fields.check(
  makesView(LineSettings(z), lineOf),
  z.check(({ issues, value }) => {
    if (issues.length > 0) return;
    const { from, to, step } = lineNumbers(lineOf(value));
    if (to.sub(from).div(step).compare(MAX_TICKS) > 0) {
      const message = "A line on paper has room for 200 ticks. Choose a larger interval.";
      issues.push({ code: "custom", message, input: value });
    }
  }),
);

export const lines = sheetKind<LinesSheet>({
  kind: "lines",
  schema: LinesSheet,
  starts: { kind: "lines", from: "0", to: "20", interval: "1", divisions: 1, labels: "all", count: 4 },
  name: "Lines to write on",
  fields: [
    { part: "from", label: "From", number: true },
    { part: "to", label: "To", number: true },
    { part: "interval", label: "Interval", number: true },
    { part: "divisions", label: "Parts in each interval", whole: { min: 1, max: 10 } },
    {
      part: "labels",
      label: "Labels",
      list: [
        { value: "all", label: "All" },
        { value: "ends", label: "At the ends" },
        { value: "none", label: "None" },
      ],
    },
    howMany(10, "Lines"),
  ],
  drawn: () => false,
  make(settings) {
    const task = () => ({ view: { settings: lineOf(settings), question: [], answer: [], ratio: 0.11 } });
    return {
      instruction: settings.count === 1 ? "Use this line." : "Use these lines.",
      across: 1,
      tasks: Array.from({ length: settings.count }, task),
    };
  },
});
