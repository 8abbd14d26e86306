import { indexIn, type Sequence, termAt } from "../count/sequence";
import { exact, keyOf, type NumberKey } from "../number/exact";
import { isFraction } from "../number/fraction-text";
import { NumberText } from "../number/number-schema";
import { showNumber } from "../number/show-number";
import { type Checked, schema } from "../schema";
import { type Cell, cellAtIndex, indexAtCell, type Lattice, latticeGrid, latticeWays } from "../set/lattice";
import type { Squares } from "../set/squares";

export type { Cell };

/** Maximum number of cells in a row, and on a chart: what still draws at once on a slow classroom computer. */
export const MAX_COLUMNS = 30;
export const MAX_PLACES = 1200;

/** Where a chart ends: after a number of full rows, or with its last number that is not beyond `last`. */
export const Until = schema((z) =>
  z.discriminatedUnion("by", [
    z.object({ by: z.literal("rows"), rows: z.int().check(z.minimum(1), z.maximum(MAX_PLACES)) }),
    z.object({ by: z.literal("last"), last: NumberText(z) }),
  ]),
);
export type Until = Checked<typeof Until>;

/**
 * A chart: an arithmetic sequence laid out in lanes.
 * - `run`: a lane is a row that runs across, or a column that runs down
 * - `climb`: rows follow each other down the page, or up it
 * - `reads`: every lane the same way, or back and forth like a path
 * - `covers`: what a covered cell looks like: solid, or an empty cell that can be written in
 */
export const ChartSettings = schema((z) =>
  z
    .object({
      kind: z.literal("chart"),
      first: NumberText(z),
      difference: NumberText(z),
      columns: z.int().check(z.minimum(1), z.maximum(MAX_COLUMNS)),
      until: Until(z),
      ...latticeWays(z),
      covers: z.enum(["solid", "empty"]),
    })
    .check((context) => {
      const fault = faultOf(context.value);
      if (fault) context.issues.push({ code: "custom", input: context.value, ...fault });
    }),
);
export type ChartSettings = Checked<typeof ChartSettings>;

type Fault = { path: string[]; message: string };

/** Why settings that are valid one by one do not make a chart; null if they do. */
function faultOf({ first, difference, columns, until }: ChartSettings): Fault | null {
  const by = exact(difference);
  if (by.n === 0n)
    return { path: ["difference"], message: "A chart cannot go up in 0. Write another number." };
  if (until.by === "rows") {
    if (columns * until.rows <= MAX_PLACES) return null;
    return {
      path: ["until"],
      message: "A chart has room for 1,200 numbers. Write fewer rows, or fewer in a row.",
    };
  }
  const steps = exact(until.last).sub(exact(first)).div(by);
  if (steps.s < 0n) {
    const [where, from] = [by.s < 0n ? "at or below" : "at or above", showNumber(first)];
    return { path: ["until"], message: `This chart begins at ${from}. Write a last number ${where} it.` };
  }
  if (steps.n / steps.d < BigInt(MAX_PLACES)) return null;
  const furthest = keyOf(termAt({ first: exact(first), difference: by }, MAX_PLACES - 1));
  return {
    path: ["until"],
    message: `A chart has room for 1,200 numbers: this one can end at ${showNumber(furthest)}.`,
  };
}

/** The plain chart with these numbers: rows of `columns`, across and down the page. */
export function plainChart(first: string, difference: string, columns: number, until: Until): ChartSettings {
  return {
    kind: "chart",
    first,
    difference,
    columns,
    until,
    run: "across",
    climb: "down",
    reads: "one-way",
    covers: "solid",
  };
}

/** The numbers 1 to 100 in ten rows of ten. */
export const HUNDRED_CHART = plainChart("1", "1", 10, { by: "rows", rows: 10 });

/** Everything derived from the settings. Memoised for each chart. */
type Shape = { sequence: Sequence; lattice: Lattice; columns: number; rows: number };

const shapes = new WeakMap<ChartSettings, Shape>();

function shapeOf(chart: ChartSettings): Shape {
  const known = shapes.get(chart);
  if (known) return known;
  const { columns, run, climb, reads } = chart;
  const sequence = { first: exact(chart.first), difference: exact(chart.difference) };
  const lattice = { count: countOf(chart, sequence), columns, run, climb, reads };
  const shape = { sequence, lattice, ...latticeGrid(lattice) };
  shapes.set(chart, shape);
  return shape;
}

function countOf({ columns, until }: ChartSettings, { first, difference }: Sequence): number {
  if (until.by === "rows") return columns * until.rows;
  const steps = exact(until.last).sub(first).div(difference);
  return Number(steps.n / steps.d) + 1;
}

/** How many numbers the chart has, 1 to 1,200. */
export function cellCount(chart: ChartSettings): number {
  return shapeOf(chart).lattice.count;
}

/** How many columns and rows the chart has as it is seen. The last row, or column, may be short. */
export function gridOf(chart: ChartSettings): { columns: number; rows: number } {
  const { columns, rows } = shapeOf(chart);
  return { columns, rows };
}

/** The number at a cell; null outside the chart and in the gap after a short last row. */
export function numberAt(chart: ChartSettings, cell: Cell): NumberKey | null {
  const { sequence, lattice } = shapeOf(chart);
  const index = indexAtCell(lattice, cell);
  return index === null ? null : keyOf(termAt(sequence, index));
}

/** The cell of a number, or null when the chart does not hold it. */
export function cellOf(chart: ChartSettings, number: NumberKey): Cell | null {
  const { sequence, lattice } = shapeOf(chart);
  const index = indexIn(sequence, exact(number));
  return index === null ? null : cellAtIndex(lattice, Number(index));
}

/** The squares of a chart, for a rule about where its numbers stand. */
export function squaresOf(chart: ChartSettings): Squares {
  const { first, difference } = chart;
  return { first, difference, ...shapeOf(chart).lattice };
}

const numbersOf = new WeakMap<ChartSettings, readonly NumberKey[]>();

/** Every number of the chart in order. Worked out once for a chart. */
export function chartNumbers(chart: ChartSettings): readonly NumberKey[] {
  const known = numbersOf.get(chart);
  if (known) return known;
  const { sequence, lattice } = shapeOf(chart);
  const numbers = Array.from({ length: lattice.count }, (_, index) => keyOf(termAt(sequence, index)));
  numbersOf.set(chart, numbers);
  return numbers;
}

/** Whether a chart writes fractions: if it was set in them, to go up in 1/4 and not in 0.25. */
export const writesFractions = ({ first, difference }: ChartSettings): boolean =>
  isFraction(first) || isFraction(difference);

/** The last number of the chart. */
export function lastNumber(chart: ChartSettings): NumberKey {
  const { sequence, lattice } = shapeOf(chart);
  return keyOf(termAt(sequence, lattice.count - 1));
}

/** The numbers of a row, left to right, as it is seen. */
export function rowNumbers(chart: ChartSettings, row: number): NumberKey[] {
  return lineNumbers(chart, gridOf(chart).columns, (column) => ({ row, column }));
}

/** The numbers of a column, top to bottom, as it is seen. */
export function columnNumbers(chart: ChartSettings, column: number): NumberKey[] {
  return lineNumbers(chart, gridOf(chart).rows, (row) => ({ row, column }));
}

function lineNumbers(chart: ChartSettings, length: number, at: (i: number) => Cell): NumberKey[] {
  return Array.from({ length }, (_, i) => numberAt(chart, at(i))).filter((number) => number !== null);
}
