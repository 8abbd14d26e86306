import { exact, keyOf, type NumberKey } from "../../number/exact";
import { groupDigits } from "../../number/group-digits";
import { NumberText } from "../../number/number-schema";
import { pick, type Random } from "../../puzzle/draw";
import type { Move } from "../../scene/move";
import { ChartSettings, chartNumbers, plainChart } from "../../surface/chart";
import * as z from "../../zod";
import { makesView, sheetKind } from "../sheet-kind";

const MISSING = ["none", "few", "some", "most", "all", "multiples"] as const;

/**
 * A chart for the table: full, blank, or with numbers missing at random or by rule; to be coloured for a count. Two or four
 * small ones stand on a page.
 * - `of`: the multiples that are missing, where those are
 * - `colour`: the count to be coloured, its size; 0 for none
 */
const Fields = z.object({
  kind: z.literal("chart"),
  first: NumberText(z),
  difference: NumberText(z),
  columns: z.int().check(z.minimum(2), z.maximum(15)),
  rows: z.int().check(z.minimum(1), z.maximum(20)),
  missing: z.enum(MISSING),
  of: z.int().check(z.minimum(2), z.maximum(100)),
  colour: z.int().check(z.minimum(0), z.maximum(100)),
  count: z.int().check(z.minimum(1), z.maximum(4)),
});
export type ChartSheet = z.infer<typeof Fields>;

const laidOf = ({ first, difference, columns, rows }: ChartSheet): ChartSettings => ({
  ...plainChart(first, difference, columns, { by: "rows", rows }),
  covers: "empty",
});

export const ChartSheet = Fields.check(makesView(ChartSettings(z), laidOf));

/** The part of the numbers that is missing. */
const SHARE = { few: 0.1, some: 0.25, most: 0.6 } as const;

const isMultiple = (number: NumberKey, of: number) => exact(number).mod(of).equals(0);

function missingOf({ missing, of }: ChartSheet, numbers: readonly NumberKey[], random: Random): NumberKey[] {
  switch (missing) {
    case "none":
      return [];
    case "all":
      return [...numbers];
    case "multiples":
      return numbers.filter((number) => isMultiple(number, of));
    default:
      return pick(numbers, Math.max(1, Math.round(numbers.length * SHARE[missing])), random);
  }
}

export const chart = sheetKind<ChartSheet>({
  kind: "chart",
  schema: ChartSheet,
  starts: {
    kind: "chart",
    first: "1",
    difference: "1",
    columns: 10,
    rows: 10,
    missing: "some",
    of: 6,
    colour: 0,
    count: 1,
  },
  name: "Chart",
  fields: [
    { part: "first", label: "First", number: true },
    { part: "difference", label: "Go up in", number: true },
    { part: "columns", label: "In each row", whole: { min: 2, max: 15 } },
    { part: "rows", label: "Rows", whole: { min: 1, max: 20 } },
    {
      part: "missing",
      label: "Missing numbers",
      list: [
        { value: "none", label: "None" },
        { value: "few", label: "A few, at random" },
        { value: "some", label: "Some, at random" },
        { value: "most", label: "Most, at random" },
        { value: "multiples", label: "Multiples of a number" },
        { value: "all", label: "All: a blank chart" },
      ],
    },
    {
      part: "of",
      label: "Multiples of",
      whole: { min: 2, max: 100 },
      only: { part: "missing", is: ["multiples"] },
    },
    { part: "colour", label: "Colour a count in (0 for none)", whole: { min: 0, max: 100 } },
    { part: "count", label: "Charts", whole: { min: 1, max: 4 } },
  ],
  drawn: ({ missing }) => Object.hasOwn(SHARE, missing),
  make(settings, random) {
    const { columns, rows, colour, count } = settings;
    const laid = laidOf(settings);
    const numbers = chartNumbers(laid);
    const task = () => {
      const missing = missingOf(settings, numbers, random);
      const coloured = colour === 0 ? [] : numbers.filter((number) => isMultiple(number, colour));
      const question: Move[] = missing.length > 0 ? [{ do: "cover", numbers: missing }] : [];
      const answer: Move[] = [
        ...missing.map((number): Move => ({ do: "write", number, says: keyOf(exact(number)) })),
        ...(coloured.length > 0 ? [{ do: "mark", ink: "kelp", numbers: coloured } as const] : []),
      ];
      // Cells are a little wider than high; a chart of few columns does not become a tower.
      return {
        view: {
          settings: laid,
          question,
          answer,
          ratio: Math.min(1.4, (rows / columns) * (columns >= 8 ? 0.56 : 0.75)),
        },
      };
    };
    const tasks = Array.from({ length: count }, task);
    // Pupils are asked only for what is there: a chart to 50 has no multiples of 60.
    const asksFor = (what: Move["do"]) =>
      tasks.some(({ view }) => view.answer.some((move) => move.do === what));
    const below0 = numbers.some((number) => number.startsWith("-")) ? ", on and back" : "";
    const asks = [
      ...(asksFor("write") ? ["Write the missing numbers."] : []),
      ...(asksFor("mark") ? [`Colour the count in ${groupDigits(String(colour))}s from 0${below0}.`] : []),
    ];
    return { instruction: asks.join(" ") || "Use this chart.", across: count === 1 ? 1 : 2, tasks };
  },
});
