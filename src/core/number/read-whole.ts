import { isWhole } from "./exact";
import { groupDigits } from "./group-digits";
import { readNumber } from "./read-number";

export type WholeRead = { ok: true; value: number } | { ok: false; message: string };

/** Reads a whole number within bounds, both 0 or more, as a teacher types it. Never throws. */
export function readWhole(typed: string, least: number, most: number): WholeRead {
  const read = readNumber(typed);
  const range = `from ${groupDigits(String(least))} to ${groupDigits(String(most))}`;
  const message = `Write a whole number ${range}.`;
  // What can be read in two ways is asked about, whatever the bounds are.
  if (!read.ok) return { ok: false, message: read.asks ? read.message : message };
  if (!isWhole(read.value)) return { ok: false, message };
  const value = Number(read.value.s * read.value.n);
  return value >= least && value <= most ? { ok: true, value } : { ok: false, message };
}
