import type { NumberKey } from "@/core/number/exact";
import { showNumber } from "@/core/number/show-number";
import { type ChartSettings, chartNumbers } from "@/core/surface/chart";
import { round } from "../round";

/** Where everything of a chart stands, in pixels. Made once for a size and settings; the scene does not touch it. */
export type ChartLayout = {
  numbers: readonly NumberKey[];
  indexOf: ReadonlyMap<NumberKey, number>;
  columns: number;
  rows: number;
  width: number;
  height: number;
  cellWidth: number;
  cellHeight: number;
  numeral: number;
  /** Half the size of an ink's shape. */
  shape: number;
  line: number;
};

/** A place is at most this much wider than high, and at most this much higher than wide. */
const WIDEST = 1.75;
const HIGHEST = 1.25;
/** Width of an Andika bold digit, as a part of its size. */
const DIGIT = 0.64;

/** Lays a chart out in the room given: as large as fits, its places neither stretched nor squeezed too far. */
export function layOutChart(
  chart: ChartSettings,
  room: { width: number; height: number },
  strong: boolean,
): ChartLayout {
  const { columns, rows } = chart;
  const [across, down] = [room.width / columns, room.height / rows];
  const cellWidth = Math.min(across, down * WIDEST);
  const cellHeight = Math.min(down, across * HIGHEST);
  const numbers = chartNumbers(chart);
  const longest = Math.max(...numbers.map((number) => showNumber(number).length));
  const share = cellHeight < 30 ? 0.74 : strong ? 0.66 : 0.56;
  const widest = cellWidth * (strong || cellHeight < 30 ? 0.94 : 0.86);
  return {
    numbers,
    indexOf: new Map(numbers.map((number, index) => [number, index])),
    columns,
    rows,
    width: cellWidth * columns,
    height: cellHeight * rows,
    cellWidth,
    cellHeight,
    numeral: round(Math.min(cellHeight * share, widest / (longest * DIGIT))),
    shape: round(Math.max(2, Math.min(cellHeight, cellWidth) * 0.105)),
    line: strong ? 2 : 1,
  };
}

/** The place under a point of the chart, or null beside it. */
export function placeUnder(layout: ChartLayout, x: number, y: number): number | null {
  const [column, row] = [Math.floor(x / layout.cellWidth), Math.floor(y / layout.cellHeight)];
  if (column < 0 || row < 0 || column >= layout.columns || row >= layout.rows) return null;
  const index = row * layout.columns + column;
  return index < layout.numbers.length ? index : null;
}

/** The top left corner of a place. */
export function cornerOf(layout: ChartLayout, index: number): { x: number; y: number } {
  return {
    x: round((index % layout.columns) * layout.cellWidth),
    y: round(Math.floor(index / layout.columns) * layout.cellHeight),
  };
}
