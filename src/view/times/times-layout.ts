import { showNumber } from "@/core/number/show-number";
import type { TimesSettings, WindowAt } from "@/core/surface/times-grid";
import { DIGIT, type FaceLayout, inkShapeIn, lineBetween, numeralShare } from "../chart/chart-layout";
import { round } from "../round";

/**
 * The room of the strips around a times grid in an ordinary room, in pixels: row and column numbers above and at the
 * left, questions at the right and below.
 */
const STRIP = { names: 44, rowNames: 64, next: 56 } as const;
/** An ordinary room, with the strips above. They shrink in a lower or narrower room, and grow with a larger one. */
const ORDINARY = { height: 500, width: 920 } as const;
/** How much more the strip above may grow than the others: it takes nothing from the width of the numbers. */
const ABOVE = 1.5;

export type Strips = {
  readonly names: number;
  readonly rowNames: number;
  /** Where the grid begins, after its row and column numbers; and how far the next row and column extend beyond it. */
  readonly left: number;
  readonly top: number;
  readonly next: number;
};

export type TimesLayout = FaceLayout & {
  rows: number;
  columns: number;
  width: number;
  height: number;
  /** The width of the lines between cells. */
  line: number;
  /** The size of the row and column numbers. */
  name: number;
  strips: Strips;
  /** For the back of the room. */
  heavy: boolean;
};

const MAX_WIDTH = 1.75;
const MAX_HEIGHT = 1.25;
/** Maximum share of a cell's width taken by the longest number: most are a digit shorter. */
const WIDEST = 0.95;
/** Numerals are no larger than this many digits allow, so that they keep their size while the grid slides. */
const MIN_DIGITS = 3;

/** Lays out the window of a times grid in a room. Its first row and column tell how long its numbers are. */
export function layOutTimes(
  times: TimesSettings,
  at: WindowAt,
  room: { width: number; height: number },
  strong: boolean,
): TimesLayout {
  const { rows, columns } = times;
  const strips = stripsIn(times, room);
  const across = Math.max(1, room.width - strips.left - strips.next) / columns;
  const down = Math.max(1, room.height - strips.top - strips.next) / rows;
  const cellWidth = Math.floor(Math.min(across, down * MAX_WIDTH));
  const cellHeight = Math.floor(Math.min(down, across * MAX_HEIGHT));
  const digits = Math.max(MIN_DIGITS, showNumber(String((at.row + rows) * (at.column + columns))).length);
  const share = numeralShare(cellWidth, cellHeight, strong);
  const numeral = Math.min(cellHeight * share, (cellWidth * (strong ? 0.98 : WIDEST)) / (digits * DIGIT));
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
    line: lineBetween(cellWidth, cellHeight, strong),
    covers: times.covers,
    name: round(
      Math.min(
        strips.names * 0.6,
        cellHeight * 0.8,
        // Neither wider than their strip nor so wide that two column numbers meet.
        Math.min(strips.rowNames * 0.82, cellWidth * 0.85) / (nameDigits * DIGIT),
      ),
    ),
    strips,
    heavy: strong,
  };
}

/** The room of the row and column numbers, if there are any, and of the questions at the edges. */
function stripsIn({ rowNames, columnNames }: TimesSettings, room: { width: number; height: number }): Strips {
  const down = room.height / ORDINARY.height;
  const part = Math.max(0.5, Math.min(down, room.width / ORDINARY.width));
  const size = (strip: number) => Math.round(strip * part);
  const names = Math.round(STRIP.names * Math.max(part, Math.min(down, ABOVE * part)));
  return {
    names,
    rowNames: size(STRIP.rowNames),
    // Without any names the window is a puzzle, and what lies beyond its edges would tell too much.
    next: rowNames === "absent" && columnNames === "absent" ? 0 : size(STRIP.next),
    left: rowNames === "absent" ? 0 : size(STRIP.rowNames),
    top: columnNames === "absent" ? 0 : names,
  };
}
