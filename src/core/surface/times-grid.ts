import type { NumberKey } from "../number/exact";
import { type Checked, schema } from "../schema";
import { type CellKey, cellKey, MAX_TIMES } from "./cell-key";

/** The largest window, and its smallest number of columns. One row is enough for a puzzle. */
export const MAX_WINDOW = { rows: 20, columns: 24 } as const;
export const MIN_WINDOW = { rows: 1, columns: 3 } as const;

const Names = schema((z) => z.enum(["shown", "covered", "absent"]));
const index = schema((z) => z.int().check(z.minimum(1), z.maximum(MAX_TIMES)));

/**
 * A times grid: the cell in row r and column c holds r × c, without end. A window of it is seen, with its first row
 * and column; the names of rows and columns stand at its edges, are covered, or absent. `marks` tells whether a touch
 * is about the one cell, or about its number wherever it lives. `puzzle` is what the next made puzzle is like.
 */
export const TimesSettings = schema((z) =>
  z
    .object({
      kind: z.literal("times"),
      row: index(z),
      column: index(z),
      rows: z.int().check(z.minimum(MIN_WINDOW.rows), z.maximum(MAX_WINDOW.rows)),
      columns: z.int().check(z.minimum(MIN_WINDOW.columns), z.maximum(MAX_WINDOW.columns)),
      rowNames: Names(z),
      columnNames: Names(z),
      covers: z.enum(["solid", "empty"]),
      marks: z.enum(["place", "value"]),
      puzzle: z.object({
        level: z.int().check(z.minimum(1), z.maximum(10)),
        rows: z.int().check(z.minimum(1), z.maximum(6)),
      }),
    })
    .check(
      z.refine(({ row, rows }) => row + rows - 1 <= MAX_TIMES, {
        path: ["row"],
        message: "Rows are counted up to 1,000,000.",
      }),
      z.refine(({ column, columns }) => column + columns - 1 <= MAX_TIMES, {
        path: ["column"],
        message: "Columns are counted up to 1,000,000.",
      }),
    ),
);
export type TimesSettings = Checked<typeof TimesSettings>;

/** The first row and the first column of a window. */
export type WindowAt = { row: number; column: number };

/** The window nearest to the wanted one that the grid allows: rows and columns begin at 1. */
export function clampWindow({ rows, columns }: TimesSettings, { row, column }: WindowAt): WindowAt {
  const clamp = (at: number, length: number) => Math.max(1, Math.min(MAX_TIMES - length + 1, at));
  return { row: clamp(row, rows), column: clamp(column, columns) };
}

/** The cells of a window, row by row. */
export function windowCells({ rows, columns }: TimesSettings, at: WindowAt): CellKey[] {
  return Array.from({ length: rows * columns }, (_, i) =>
    cellKey(at.row + Math.floor(i / columns), at.column + (i % columns)),
  );
}

/** The number in row r and column c, r × c. Both at most 1,000,000, so that the product is exact. */
export function productAt(row: number, column: number): NumberKey {
  return String(row * column);
}

/** The times grid that a board begins with. */
export const NEW_TIMES: TimesSettings = {
  kind: "times",
  row: 1,
  column: 1,
  rows: 10,
  columns: 10,
  rowNames: "shown",
  columnNames: "shown",
  covers: "solid",
  marks: "place",
  puzzle: { level: 3, rows: 4 },
};
