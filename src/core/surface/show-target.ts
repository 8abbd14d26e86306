import type { NumberKey } from "../number/exact";
import { showNumber } from "../number/show-number";
import { cellAt, isCellKey, type Target } from "./cell-key";

/** A number as it stands on the screen, or as `write` has it; a cell of a times grid as its product, `3 × 8`. */
export function showTarget(target: Target, write: (number: NumberKey) => string = showNumber): string {
  if (!isCellKey(target)) return write(target);
  const { row, column } = cellAt(target);
  return `${showNumber(String(row))} × ${showNumber(String(column))}`;
}
