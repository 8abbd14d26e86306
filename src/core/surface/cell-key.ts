import type { NumberKey } from "../number/exact";
import { NumberKeyText } from "../number/number-schema";
import { schema } from "../schema";

/** Rows and columns of a times grid are counted up to here; its largest number has 13 digits. */
export const MAX_TIMES = 1_000_000;

/** A cell of a times grid by its row and column, `r3c8`: one of the cells where 24 lives. */
export type CellKey = `r${number}c${number}`;

/** The target of a move: a number wherever it lives, or one cell of a times grid. */
export type Target = NumberKey | CellKey;

const PLACE_KEY = /^r([1-9]\d{0,6})c([1-9]\d{0,6})$/;

export const cellKey = (row: number, column: number): CellKey => `r${row}c${column}`;

/** Whether a target is a cell; a number never begins with a letter. */
export const isCellKey = (target: Target): target is CellKey => target.startsWith("r");

/** The row and column of a cell. */
export function cellAt(key: CellKey): { row: number; column: number } {
  const c = key.indexOf("c");
  return { row: Number(key.slice(1, c)), column: Number(key.slice(c + 1)) };
}

/** The number of a target: its product for a cell, itself for a number. Exact: at most 10¹² is met. */
export function numberOf(target: Target): NumberKey {
  if (!isCellKey(target)) return target;
  const { row, column } = cellAt(target);
  return String(row * column);
}

const CellKeyText = schema((z) =>
  z.string().check(
    z.regex(PLACE_KEY),
    z.refine((text) => {
      const { row, column } = cellAt(text as CellKey);
      return row <= MAX_TIMES && column <= MAX_TIMES;
    }, "A times grid has rows and columns up to 1,000,000."),
  ),
);

/** A target as a lesson keeps it. */
export const TargetText = schema((z) => z.union([CellKeyText(z), NumberKeyText(z)]));
