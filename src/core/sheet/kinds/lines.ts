import * as z from "zod/mini";
import { exact } from "../../number/exact";
import { NumberText } from "../../number/number-schema";
import { KINDS } from "../../views/kinds";
import { howMany, sheetKind } from "../sheet-kind";

/** Lines to be written on: with all labels, those at the ends, or none. */
export const LinesSheet = z
  .object({
    kind: z.literal("lines"),
    from: NumberText,
    to: NumberText,
    interval: NumberText,
    divisions: z.int().check(z.minimum(1), z.maximum(10)),
    labels: z.enum(["all", "ends", "none"]),
    count: z.int().check(z.minimum(1), z.maximum(10)),
  })
  .check((context) => {
    const { from, to, interval, divisions } = context.value;
    const [start, end, gap] = [from, to, interval].map((text) => exact(text));
    const message =
      start!.compare(end!) >= 0
        ? "Put the smaller number first."
        : gap!.compare(0) <= 0
          ? "Write an interval above 0."
          : end!.sub(start!).div(gap!).mul(divisions).compare(200) > 0
            ? "A line on paper has room for 200 ticks. Choose a larger interval."
            : null;
    if (message) context.issues.push({ code: "custom", message, input: context.value });
  });
export type LinesSheet = z.infer<typeof LinesSheet>;

export const lines = sheetKind<LinesSheet>({
  kind: "lines",
  schema: LinesSheet as never,
  starts: { kind: "lines", from: "0", to: "20", interval: "1", divisions: 1, labels: "all", count: 4 },
  name: "Lines to write on",
  fields: [
    { part: "from", label: "From", number: true },
    { part: "to", label: "To", number: true },
    { part: "interval", label: "Interval", number: true },
    { part: "divisions", label: "Parts in each interval", whole: { least: 1, most: 10 } },
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
  make({ count, labels, from, to, interval, divisions }) {
    const settings = { ...KINDS.line.starts, from, to, interval, divisions, labels };
    const task = () => ({ view: { settings, question: [], answer: [], ratio: 0.11 } });
    return { instruction: "Use these lines.", across: 1, tasks: Array.from({ length: count }, task) };
  },
});
