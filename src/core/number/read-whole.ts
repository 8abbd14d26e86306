import { isWhole } from "./exact";
import { groupDigits } from "./group-digits";
import { readNumber } from "./read-number";

export type WholeRead = { ok: true; value: number } | { ok: false; message: string };

/** Reads a whole number within bounds, both 0 or more, as a teacher types it. Never throws. */
export function readWhole(typed: string, min: number, max: number): WholeRead {
  const read = readNumber(typed);
  const range = `from ${groupDigits(String(min))} to ${groupDigits(String(max))}`;
  const message = `Write a whole number ${range}.`;
  // An ambiguous number is asked about, whatever the bounds are.
  if (!read.ok) return { ok: false, message: read.asks ? read.message : message };
  if (!isWhole(read.value)) return { ok: false, message };
  const value = Number(read.value.s * read.value.n);
  return value >= min && value <= max ? { ok: true, value } : { ok: false, message };
}
