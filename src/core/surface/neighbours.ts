import { exact, keyOf, type NumberKey } from "../number/exact";
import { showNumber } from "../number/show-number";
import { type ChartSettings, cellOf, numberAt } from "./chart";
import { SIDE_STEPS, type Side } from "./sides";

/** A neighbour: the number, its signed difference, and that in words: "10 more". */
export type Neighbour = { number: NumberKey; by: NumberKey; words: string };

/** The number beside a number of the chart, or null where the chart ends there. */
export function neighbourOf(chart: ChartSettings, number: NumberKey, side: Side): Neighbour | null {
  const cell = cellOf(chart, number);
  if (!cell) return null;
  const { row, column } = SIDE_STEPS[side];
  const beside = numberAt(chart, { row: cell.row + row, column: cell.column + column });
  if (beside === null) return null;
  const by = exact(beside).sub(exact(number));
  return {
    number: beside,
    by: keyOf(by),
    words: `${showNumber(keyOf(by.abs()))} ${by.s < 0n ? "less" : "more"}`,
  };
}
