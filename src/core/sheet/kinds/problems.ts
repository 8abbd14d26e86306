import { type Problem, problemLine, readProblem } from "../../count/problem";
import { type Exact, exact, isWhole, keyOf } from "../../number/exact";
import { asFractions } from "../../number/fraction-text";
import { drawDifferent, type Random } from "../../puzzle/draw";
import type { Move } from "../../scene/move";
import { LineSettings } from "../../surface/line";
import { KINDS } from "../../views/kinds";
import * as z from "../../zod";
import { howMany, sheetKind } from "../sheet-kind";
import type { PaperView, Task } from "../task";

const WITHIN = ["10", "20", "100", "1000"] as const;

/** Maximum number of problems in a part. */
const MAX = 20;
const TOO_MANY = `A part has room for ${MAX} problems. Put the others into a part of their own.`;

/** The teacher's own problems, as typed. */
const pieces = (typed: string): string[] =>
  typed
    .split(/[;\n]/)
    .map((text) => text.trim())
    .filter((text) => text !== "");

/** Why a piece of text is not a problem; null if it is one. */
function faultOf(text: string): string | null {
  const read = readProblem(text);
  return read.ok ? null : `“${text}”: ${read.message}`;
}

/**
 * Problems with a blank, each with or without a line of its own: drawn at random within a range, or typed. - `typed`:
 * the teacher's own problems with semicolons between them; if there are any, none are drawn
 */
export const ProblemsSheet = z.object({
  kind: z.literal("problems"),
  operation: z.enum(["add", "subtract", "both", "multiply", "divide"]),
  within: z.enum(WITHIN),
  blank: z.enum(["result", "part", "any"]),
  lines: z.enum(["labelled", "empty", "none"]),
  count: z.int().check(z.minimum(1), z.maximum(MAX)),
  typed: z.string().check(
    z.trim(),
    z.maxLength(400, "Write at most 400 characters."),
    z.check(({ issues, value }) => {
      const faults = pieces(value).map(faultOf);
      const message = faults.find((one) => one !== null) ?? (faults.length > MAX ? TOO_MANY : null);
      if (message) issues.push({ code: "custom", message, input: value });
    }),
  ),
});
export type ProblemsSheet = z.infer<typeof ProblemsSheet>;

function drawn({ operation, within, blank }: ProblemsSheet, random: Random): string {
  const max = Number(within);
  const sign: "+" | "−" | "×" | "÷" =
    operation === "both"
      ? random(0, 1) === 0
        ? "+"
        : "−"
      : ({ add: "+", subtract: "−", multiply: "×", divide: "÷" } as const)[operation];
  const where =
    blank === "any"
      ? (["result", "first", "second"] as const)[random(0, 2)]!
      : blank === "part"
        ? "second"
        : "result";
  let [a, b] = [0, 0];
  if (sign === "×" || sign === "÷") {
    // Both factors are 2 or more, and the product stays within the range.
    a = random(2, Math.max(2, Math.min(12, Math.floor(max / 2))));
    b = random(2, Math.max(2, Math.min(12, Math.floor(max / a))));
    if (sign === "÷") a *= b;
  } else {
    // Close to the bound: 1 + 1 within 1,000 teaches little.
    const whole = random(Math.max(3, Math.ceil(max / 4)), max);
    a = sign === "+" ? random(1, whole - 1) : whole;
    b = sign === "+" ? whole - a : random(1, whole - 1);
  }
  const result = { "+": a + b, "−": a - b, "×": a * b, "÷": a / b }[sign];
  const say = (number: number, part: typeof where) => (part === where ? "?" : String(number));
  return `${say(a, "first")} ${sign} ${say(b, "second")} = ${say(result, "result")}`;
}

/** Maximum number of intervals of the line beside a problem. */
const MAX_INTERVALS = 12;

/** The smallest of 10, 100, 1,000 … that divides a length into no more intervals than a line may have. */
function unitFor(length: Exact): number {
  let unit = 10;
  while (length.compare(unit * MAX_INTERVALS) > 0) unit *= 10;
  return unit;
}

/** The ends, the interval and the divisions of the line beside a problem: with fractions, as on the board. */
function scaleFor(problem: Problem) {
  const [start, end] = [exact(problem.start), exact(problem.end)];
  if (!isWhole(start) || !isWhole(end)) return problemLine(problem);
  const [low, high] = start.compare(end) < 0 ? [start, end] : [end, start];
  const unit = unitFor(high.sub(low));
  const from = low.div(unit).floor().mul(unit);
  const last = high.div(unit).ceil().mul(unit);
  const to = last.equals(from) ? last.add(unit) : last;
  const length = to.sub(from);
  const fine = length.compare(20) <= 0;
  // More than a hundred ticks run into each other in half the width of a page.
  const parts = length.div(unit).compare(10) > 0 ? 2 : 10;
  return {
    from: keyOf(from),
    to: keyOf(to),
    interval: fine ? "1" : String(unit),
    divisions: fine ? 1 : parts,
  };
}

/**
 * A line for drawing the jumps of a problem, with whole tens, hundreds and so on at its ends. The number that the jumps
 * start from is ringed; if that is asked for, the one that they land on. Null if no line reaches that far.
 */
function lineOf(problem: Problem, labels: "labelled" | "empty"): PaperView | null {
  const { start, end, jumps, stands, fractions } = problem;
  const settings = {
    ...KINDS.line.starts,
    ...scaleFor(problem),
    numbers: fractions ? ("mixed" as const) : ("decimal" as const),
    labels: labels === "labelled" ? ("all" as const) : ("none" as const),
    open: labels === "empty",
  };
  if (!LineSettings(z).safeParse(settings).success) return null;
  const answer: Move[] =
    start === end ? [] : [{ do: "start", number: start }, ...jumps.map((by): Move => ({ do: "jump", by }))];
  return { settings, question: [{ do: "focus", number: stands }], answer, ratio: 0.27 };
}

/** A problem as a task: its signs with a box for the blank. */
export function problemTask(text: string, lines: ProblemsSheet["lines"]): Task | null {
  const read = readProblem(text);
  if (!read.ok) return null;
  const { problem } = read;
  const answer = problem.fractions ? asFractions(problem.answer) : problem.answer;
  const signs = problem.parts.map((part) => (part.blank ? { blank: answer } : { text: part.text }));
  const view = lines === "none" ? null : lineOf(problem, lines);
  return view ? { signs, view } : { signs };
}

const drawnOnly = { part: "typed", is: [""] } as const;

export const problems = sheetKind<ProblemsSheet>({
  kind: "problems",
  schema: ProblemsSheet,
  starts: {
    kind: "problems",
    operation: "both",
    within: "20",
    blank: "result",
    lines: "labelled",
    count: 6,
    typed: "",
  },
  name: "Problems with a blank",
  fields: [
    // First, since the settings for drawing problems disappear when there are typed ones.
    { part: "typed", label: "Your own, with ; between them (optional)", text: { max: 400 } },
    {
      part: "operation",
      label: "What is done",
      only: drawnOnly,
      list: [
        { value: "add", label: "Add" },
        { value: "subtract", label: "Take away" },
        { value: "both", label: "Add and take away" },
        { value: "multiply", label: "Multiply" },
        { value: "divide", label: "Divide" },
      ],
    },
    {
      part: "within",
      label: "Numbers up to",
      only: drawnOnly,
      list: WITHIN.map((value) => ({ value, label: value === "1000" ? "1,000" : value })),
    },
    {
      part: "blank",
      label: "The blank is",
      only: drawnOnly,
      list: [
        { value: "result", label: "The result" },
        { value: "part", label: "The second number" },
        { value: "any", label: "Anywhere" },
      ],
    },
    {
      part: "lines",
      label: "Lines",
      list: [
        { value: "labelled", label: "With labels" },
        { value: "empty", label: "Empty" },
        { value: "none", label: "None" },
      ],
    },
    { ...howMany(MAX, "Problems"), only: drawnOnly },
  ],
  drawn: ({ typed }) => pieces(typed).length === 0,
  make(settings, random) {
    const own = pieces(settings.typed);
    const draw = () => drawn(settings, random);
    const texts = own.length > 0 ? own : drawDifferent(settings.count, draw, (text) => text);
    return {
      instruction: settings.lines === "none" ? "Fill the blanks." : "Draw the jumps and fill the blanks.",
      across: settings.lines === "none" ? 3 : 2,
      tasks: texts.flatMap((text) => problemTask(text, settings.lines) ?? []),
    };
  },
});
