import { type Exact, exact, gcd } from "../number/exact";
import { isFraction } from "../number/fraction-text";
import { NumberText } from "../number/number-schema";
import { DIGITS } from "../number/read-number";
import { type Checked, schema, type Z } from "../schema";

/** A line reaches this far on both sides of zero. */
export const MAX_LINE = 1_000_000_000_000;
/** The smallest distance between labels. */
export const MIN_INTERVAL = "0.001";
export const MAX_DIVISIONS = 20;
/** Ticks from one end of a line to the other. */
export const MAX_TICKS = 10_000;
export const MAX_CHOSEN = 60;

const End = schema((z) =>
  NumberText(z).check(
    z.refine(
      (text) => exact(text).abs().compare(MAX_LINE) <= 0,
      "A line goes from −1,000,000,000,000 to 1,000,000,000,000. Write a number between them.",
    ),
  ),
);

const fields = (z: Z) => ({
  from: End(z),
  to: End(z),
  interval: NumberText(z).check(
    z.refine((text) => exact(text).compare(0) > 0, "Write an interval above 0."),
    z.refine((text) => exact(text).compare(exact(MIN_INTERVAL)) >= 0, "The smallest interval is 0.001."),
  ),
  divisions: z.int().check(z.minimum(1), z.maximum(MAX_DIVISIONS)),
  ticks: z.enum(["all", "labelled", "none"]),
  labels: z.enum(["all", "ends", "every", "chosen", "none"]),
  /** With labels `every`: every how many intervals one is labelled. */
  every: z.int().check(z.minimum(1), z.maximum(100)),
  chosen: z.array(NumberText(z)).check(z.maxLength(MAX_CHOSEN, "A line has room for 60 chosen labels.")),
  numbers: z.enum(["decimal", "parts", "mixed", "lowest"]),
  unit: z.string().check(z.trim(), z.maxLength(20, "Write at most 20 characters.")),
  /** An empty line shows only the numbers put on it. */
  open: z.boolean(),
  /** A pinned line does not slide. */
  pinned: z.boolean(),
  pointer: z.enum(["shown", "covered", "until-still", "off"]),
});

type Ends = { from: string; to: string; interval: string; divisions: number };
const endsOf = ({ from, to, interval, divisions }: Ends) => ({
  from: exact(from),
  to: exact(to),
  interval: exact(interval),
  step: exact(interval).div(divisions),
});

/** The first fault of the numbers of a line taken together, and its field; null if there is none. */
function lineFault(ends: Ends): { at: "to" | "interval" | "divisions"; message: string } | null {
  // An invalid number of parts has its own message.
  if (!(ends.divisions >= 1)) return null;
  const { from, to, step } = endsOf(ends);
  // An invalid interval has its own message.
  if (step.compare(0) <= 0) return null;
  const order = from.compare(to);
  if (order === 0) return { at: "to", message: "The ends are the same number. Write another one." };
  if (order > 0)
    return {
      at: "to",
      message: "Put the smaller number first.",
    };
  if (to.sub(from).div(step).compare(MAX_TICKS) > 0) {
    return {
      at: "interval",
      message: "That would be more than 10,000 ticks. Make the interval larger, or bring the ends closer.",
    };
  }
  if (!canBeWritten(from, step)) {
    return {
      at: "divisions",
      message:
        "These parts are too small to be written as numbers. Choose fewer parts, or a larger interval.",
    };
  }
  return null;
}

/** Whether every number from `from` on in steps of `step` can be written within the digits that a number may have. */
export function canBeWritten(from: Exact, step: Exact): boolean {
  const common = from.d * (step.d / gcd(from.d, step.d));
  let [rest, twos, fives] = [common, 0, 0];
  for (; rest % 2n === 0n; rest /= 2n) twos += 1;
  for (; rest % 5n === 0n; rest /= 5n) fives += 1;
  const decimals = Math.max(twos, fives);
  return decimals <= DIGITS.decimals && (rest === 1n || String(common).length <= DIGITS.denominator);
}

/** The numbers of a line must fit together; the message goes to the field that can mend it. */
const fits = (z: Z) =>
  z.check<Ends>((context) => {
    const fault = lineFault(context.value);
    if (fault) {
      context.issues.push({
        code: "custom",
        message: fault.message,
        path: [fault.at],
        input: context.value[fault.at],
      });
    }
  });

/**
 * A number line: from one end to the other, labelled at every interval, each cut into divisions. It lies flat, stands
 * upright, or is closed to a ring, on which its two ends are one place. Numbers are written as decimals; or as
 * fractions: in the parts that the divisions make (4/4), as mixed numbers (1 1/4), or in lowest terms (5/4).
 */
export const LineSettings = schema((z) =>
  z
    .object({ kind: z.literal("line"), shape: z.enum(["flat", "upright", "ring"]), ...fields(z) })
    .check(fits(z)),
);
export type LineSettings = Checked<typeof LineSettings>;

/** A number track: the same numbers as a line's, each in a cell of its own. */
export const StripSettings = schema((z) =>
  z.object({ kind: z.literal("strip"), ...fields(z) }).check(fits(z)),
);
export type StripSettings = Checked<typeof StripSettings>;

export type AnyLine = LineSettings | StripSettings;

/** The ends, the interval and the step from tick to tick of a line, as exact numbers. */
export const lineNumbers = (line: AnyLine) => endsOf(line);

/** Part of a line that is seen, from one number to another. */
export type Span = { readonly from: Exact; readonly to: Exact };

/** The whole of a line. */
export function wholeSpan(line: AnyLine): Span {
  const { from, to } = endsOf(line);
  return { from, to };
}

/** The position of a number on a span: 0 at one end, 1 at the other, outside it below 0 or above 1. For drawing. */
export function partOf({ from, to }: Span, value: Exact): number {
  return value.sub(from).div(to.sub(from)).valueOf();
}

/** Whether a line can be slid and zoomed: not if it is pinned, a ring, or empty. */
export const slides = (line: AnyLine): boolean =>
  !line.pinned && !(line.kind === "line" && (line.open || line.shape === "ring"));

/** Whether a line is a ring: whatever goes beyond its end goes round again. */
export const isClosed = (line: AnyLine): boolean =>
  line.kind === "line" && line.shape === "ring" && !line.open;

/**
 * Of the numbers at the same place as `value` on a ring, whole turns apart, the one nearest to another number: on a
 * ring from 0 to 60, the 5 nearest to 58 is 65. Of two that are equally near, the smaller one.
 */
export function nearestTurn({ from, to }: Span, value: Exact, near: Exact): Exact {
  const turn = to.sub(from);
  return value.add(turn.mul(near.sub(value).div(turn).sub(exact("1/2")).ceil()));
}

/** Whether the line can hold a number: within its reach, and on a pinned line other than a ring, within its ends. */
export function lineHolds(line: AnyLine, value: Exact): boolean {
  if (line.pinned && !isClosed(line)) {
    const { from, to } = endsOf(line);
    return value.compare(from) >= 0 && value.compare(to) <= 0;
  }
  return value.abs().compare(MAX_LINE) <= 0;
}

/** A line from one number to another, with every tick and label, lying flat; in fractions if one of its numbers is one. */
export function plainLine(
  from: string,
  to: string,
  interval: string,
  divisions = 1,
  more: Partial<Omit<LineSettings, "kind">> = {},
): LineSettings {
  return {
    kind: "line",
    shape: "flat",
    from,
    to,
    interval,
    divisions,
    ticks: "all",
    labels: "all",
    every: 1,
    chosen: [],
    numbers: [from, to, interval].some(isFraction) ? "mixed" : "decimal",
    unit: "",
    open: false,
    pinned: false,
    pointer: "shown",
    ...more,
  };
}

/** Turns a line into a number track, or a number track into a line. */
export function lineAs(line: AnyLine, kind: "line" | "strip"): AnyLine {
  if (line.kind === kind) return line;
  if (kind === "line") return { ...line, kind, shape: "flat" };
  const { shape: _, ...rest } = line as LineSettings;
  return { ...rest, kind };
}
