import { isWhole } from "./exact";
import { readNumber } from "./read-number";

export type WholeRead = { ok: true; value: number } | { ok: false; message: string };

/** Reads a whole number within bounds, as a teacher types it. Never throws. */
export function readWhole(typed: string, least: number, most: number): WholeRead {
  const read = readNumber(typed);
  const message = `Write a whole number from ${least.toLocaleString("en")} to ${most.toLocaleString("en")}.`;
  if (!read.ok || !isWhole(read.value)) return { ok: false, message };
  const value = Number(read.value.s * read.value.n);
  return value >= least && value <= most ? { ok: true, value } : { ok: false, message };
}
