import * as z from "zod/mini";
import { indexIn, type Sequence, termAt } from "../count/sequence";
import { exact, keyOf, type NumberKey } from "../number/exact";
import { NumberText } from "../number/number-schema";

/** Most places in a row, and most places on a chart: what still draws at once on a slow classroom computer. */
export const MOST_COLUMNS = 30;
export const MOST_PLACES = 1200;

/** A chart: an arithmetic sequence laid out in rows, left to right, down the page. */
export const ChartSettings = z
  .object({
    kind: z.literal("chart"),
    first: NumberText,
    difference: NumberText,
    columns: z.int().check(z.minimum(1), z.maximum(MOST_COLUMNS)),
    rows: z.int().check(z.minimum(1), z.maximum(MOST_PLACES)),
  })
  .check(
    z.refine((chart) => !exact(chart.difference).equals(0), {
      path: ["difference"],
      message: "A chart cannot go up in 0. Write another number.",
    }),
    z.refine((chart) => chart.columns * chart.rows <= MOST_PLACES, {
      path: ["rows"],
      message: "A chart has room for 1,200 numbers. Write fewer rows, or fewer in a row.",
    }),
  );
export type ChartSettings = z.infer<typeof ChartSettings>;

/** Where a place stands: its row and column, both counted from 0 at the top left. */
export type Place = { row: number; column: number };

const sequenceOf = (chart: ChartSettings): Sequence => ({
  first: exact(chart.first),
  difference: exact(chart.difference),
});

/** How many places the chart has. */
export function placeCount(chart: ChartSettings): number {
  return chart.columns * chart.rows;
}

/** The number that stands at a place of the chart. The place must be on it. */
export function numberAt(chart: ChartSettings, place: Place): NumberKey {
  return keyOf(termAt(sequenceOf(chart), place.row * chart.columns + place.column));
}

/** The place of a number, or null when the chart does not hold it. */
export function placeOf(chart: ChartSettings, number: NumberKey): Place | null {
  const index = indexIn(sequenceOf(chart), exact(number));
  if (index === null || index >= BigInt(placeCount(chart))) return null;
  return { row: Math.floor(Number(index) / chart.columns), column: Number(index) % chart.columns };
}

/** Every number of the chart in order, row by row. */
export function chartNumbers(chart: ChartSettings): NumberKey[] {
  const sequence = sequenceOf(chart);
  return Array.from({ length: placeCount(chart) }, (_, index) => keyOf(termAt(sequence, index)));
}

/** The last number of the chart. */
export function lastNumber(chart: ChartSettings): NumberKey {
  return numberAt(chart, { row: chart.rows - 1, column: chart.columns - 1 });
}
