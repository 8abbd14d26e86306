import { showNumber } from "@/core/number/show-number";
import type { TimesSettings, WindowAt } from "@/core/surface/times-grid";
import { DIGIT, type FaceLayout, inkShapeIn } from "../chart/chart-layout";
import { round } from "../round";

/** The room of the strips about a times grid, in pixels: names above and at the left, questions at the right and below. */
export const STRIP = { names: 44, rowNames: 64, next: 56 } as const;

export type TimesLayout = FaceLayout & {
  rows: number;
  columns: number;
  width: number;
  height: number;
  /** The size of the names of rows and columns. */
  name: number;
};

const MAX_WIDTH = 1.75;
const MAX_HEIGHT = 1.25;
/** Numerals are no larger than these many digits allow, so that they keep their size while the grid slides. */
const MIN_DIGITS = 3;

/** Lays the window of a times grid out in the room given. Its first row and column tell how long its numbers are. */
export function layOutTimes(
  times: TimesSettings,
  at: WindowAt,
  room: { width: number; height: number },
  strong: boolean,
): TimesLayout {
  const { rows, columns } = times;
  const across = Math.max(1, room.width - stripsOf(times).left - stripsOf(times).next) / columns;
  const down = Math.max(1, room.height - stripsOf(times).top - stripsOf(times).next) / rows;
  const cellWidth = Math.floor(Math.min(across, down * MAX_WIDTH));
  const cellHeight = Math.floor(Math.min(down, across * MAX_HEIGHT));
  const digits = Math.max(MIN_DIGITS, showNumber(String((at.row + rows) * (at.column + columns))).length);
  const share = strong ? 0.72 : 0.58;
  const numeral = Math.min(cellHeight * share, (cellWidth * (strong ? 0.95 : 0.86)) / (digits * DIGIT));
  const nameDigits = Math.max(
    2,
    ...[at.row + rows, at.column + columns].map((index) => showNumber(String(index)).length),
  );
  return {
    rows,
    columns,
    width: cellWidth * columns,
    height: cellHeight * rows,
    cellWidth,
    cellHeight,
    numeral: round(numeral),
    shape: inkShapeIn(cellWidth, cellHeight, strong),
    covers: times.covers,
    name: round(Math.min(26, cellHeight * 0.7, (STRIP.rowNames - 12) / (nameDigits * DIGIT))),
  };
}

/** The room that the names take, none where they are absent, and that of the questions at the edges. */
export function stripsOf({ rowNames, columnNames }: TimesSettings): {
  left: number;
  top: number;
  next: number;
} {
  return {
    // Without any names the window is a puzzle, and what lies beyond its edges would tell too much.
    next: rowNames === "absent" && columnNames === "absent" ? 0 : STRIP.next,
    left: rowNames === "absent" ? 0 : STRIP.rowNames,
    top: columnNames === "absent" ? 0 : STRIP.names,
  };
}
