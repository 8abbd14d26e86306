import type { NumberKey } from "@/core/number/exact";
import { asFractions, inFractions } from "@/core/number/fraction-text";
import { showNumber } from "@/core/number/show-number";
import { type ChartSettings, gridOf, numberAt, writesFractions } from "@/core/surface/chart";
import { clamp } from "../drawing";
import { round } from "../round";

/** What the face of a cell needs to know about its grid. */
export type FaceLayout = {
  cellWidth: number;
  cellHeight: number;
  numeral: number;
  /** Half the size of an ink's shape. */
  shape: number;
  /** How a covered cell looks. */
  covers: ChartSettings["covers"];
  /** Formats a number, if not in the usual way. */
  write?: (number: NumberKey) => string;
};

/** The text of a number in a grid. */
export const textIn = (layout: Pick<FaceLayout, "write">, number: NumberKey): string =>
  (layout.write ?? showNumber)(number);

/** Width of an Andika bold digit, as a part of its size. */
export const DIGIT = 0.64;
/** The size of a fraction's two numbers, and the gap before them, in parts of a numeral. */
export const [OF_FRACTION, BEFORE_FRACTION] = [0.78, 0.12];

/** How wide a number of a grid is, in digits: a fraction has its two numbers one above the other. */
export function digitsWide(layout: Pick<FaceLayout, "write">, number: NumberKey): number {
  if (!layout.write) return showNumber(number).length;
  const { whole, over, under } = inFractions(number);
  const fraction = OF_FRACTION * Math.max(over.length, under.length) + BEFORE_FRACTION / DIGIT;
  return whole.length + (under === "" ? 0 : fraction);
}

/** The largest share of a cell's height that a numeral with a fraction takes: it is nearly twice as high as its digits. */
const FRACTION_SHARE = 0.54;

/** The positions of everything on a chart, in pixels. Made once for a size and settings; the scene does not matter. */
export type ChartLayout = FaceLayout & {
  /** The number of every cell as it is seen, row by row from the top left; null in the gap after a short row. */
  numbers: readonly (NumberKey | null)[];
  indexOf: ReadonlyMap<NumberKey, number>;
  columns: number;
  rows: number;
  width: number;
  height: number;
  /** The width of the lines between cells. */
  line: number;
};

/** The room that the names of the neighbours take on each side of a chart, in pixels. */
export const GUIDE_ROOM = { side: 92, top: 42 } as const;

/** The height of a room in which the names of the neighbours have that size; in a higher one they grow. */
const GUIDES_AT = 560;

/** The room inside the names of the neighbours. */
export function insideGuides({ width, height }: { width: number; height: number }) {
  const grow = Math.max(1, height / GUIDES_AT);
  return { width: width - 2 * GUIDE_ROOM.side * grow, height: height - 2 * GUIDE_ROOM.top * grow };
}

/** The scale of the names of the neighbours around a chart that was laid out inside them. */
export const guidesGrown = (layout: Pick<ChartLayout, "height">): number =>
  Math.max(1, layout.height / (GUIDES_AT - 2 * GUIDE_ROOM.top));

/** Maximum ratio of a cell's width to its height, unless its numbers are long, and of its height to its width. */
const MAX_WIDTH = 1.75;
const MAX_HEIGHT = 1.25;
/** Maximum share of a cell's width taken by its number. */
const WIDEST = 0.88;
/** The height of a cell below which its numeral takes more of it where the cell is wide. */
const LOW = 48;
/** A cell so much wider than high is wide: the shapes of its inks stand beside its numeral. */
const WIDE = 1.4;

/** The share of a cell's height taken by its numeral: the lower the cell, the more. */
export const numeralShare = (cellWidth: number, cellHeight: number, strong: boolean): number =>
  Math.max(0.6, Math.min(0.8, 0.74 - (cellHeight - 36) * (cellHeight < 36 ? 0.006 : 0.005))) +
  (strong ? 0.12 : cellWidth > WIDE * cellHeight ? clamp(0, (LOW - cellHeight) / 100, 0.06) : 0);

/** Half the size of an ink's shape in a cell. A shape is well over a sixth of the smaller side: some eyes tell inks by it alone. */
export const inkShapeIn = (cellWidth: number, cellHeight: number, strong: boolean): number =>
  round(Math.max(2, Math.min(cellHeight, cellWidth) * (strong ? 0.135 : 0.115)));

/** The width of the lines between cells: they grow with the cells, and are twice as heavy for the back of the room. */
export const lineBetween = (cellWidth: number, cellHeight: number, strong: boolean): number =>
  round(Math.max(60, Math.min(cellHeight, cellWidth)) / (strong ? 30 : 60));

/** Lays a chart out in the room given: as large as fits, its cells neither stretched nor squeezed too far. */
export function layOutChart(
  chart: ChartSettings,
  room: { width: number; height: number },
  strong: boolean,
): ChartLayout {
  const { columns, rows } = gridOf(chart);
  // A window may leave no room at all: never use negative sizes.
  const [across, down] = [Math.max(4, room.width / columns), Math.max(4, room.height / rows)];
  const cellHeight = Math.min(down, across * MAX_HEIGHT);
  const numbers = Array.from({ length: columns * rows }, (_, index) =>
    numberAt(chart, { row: Math.floor(index / columns), column: index % columns }),
  );
  const write = writesFractions(chart) ? { write: asFractions } : {};
  const longest = Math.max(...numbers.map((number) => (number === null ? 0 : digitsWide(write, number))));
  const most = "write" in write ? FRACTION_SHARE : 1;
  const share = Math.min(most, numeralShare(Math.min(across, down * MAX_WIDTH), cellHeight, strong));
  // Long numbers are as large as their rows allow, as long as there is room for wider cells.
  const long = (cellHeight * share * longest * DIGIT) / WIDEST;
  const cellWidth = Math.min(across, Math.max(down * MAX_WIDTH, long));
  const isNarrow = cellHeight < 30 || cellWidth < 48;
  const widest = cellWidth * (isNarrow ? (strong ? 0.97 : 0.93) : strong ? 0.92 : WIDEST);
  return {
    numbers,
    indexOf: new Map(numbers.flatMap((number, index) => (number === null ? [] : [[number, index]]))),
    columns,
    rows,
    width: cellWidth * columns,
    height: cellHeight * rows,
    cellWidth,
    cellHeight,
    numeral: round(Math.min(cellHeight * share, widest / (longest * DIGIT))),
    shape: inkShapeIn(cellWidth, cellHeight, strong),
    line: lineBetween(cellWidth, cellHeight, strong),
    covers: chart.covers,
    ...write,
  };
}

/** The cell under a point of the chart, or null outside it. */
export function cellUnder(layout: ChartLayout, x: number, y: number): number | null {
  const [column, row] = [Math.floor(x / layout.cellWidth), Math.floor(y / layout.cellHeight)];
  if (column < 0 || row < 0 || column >= layout.columns || row >= layout.rows) return null;
  const index = row * layout.columns + column;
  return layout.numbers[index] ? index : null;
}

/** The top left corner of a cell. */
export function cornerOf(layout: ChartLayout, index: number): { x: number; y: number } {
  return {
    x: round((index % layout.columns) * layout.cellWidth),
    y: round(Math.floor(index / layout.columns) * layout.cellHeight),
  };
}

/** The size of a numeral; one that stands out is larger, as far as its cell allows. */
export function numeralSize(layout: FaceLayout, number: NumberKey, out: boolean): number {
  if (!out) return layout.numeral;
  const widest = (layout.cellWidth * 0.96) / (digitsWide(layout, number) * DIGIT);
  const highest = layout.cellHeight * (layout.write ? FRACTION_SHARE : 0.84);
  return round(Math.max(layout.numeral, Math.min(layout.numeral * 1.35, highest, widest)));
}
