import { readWhole } from "../number/read-whole";
import * as z from "../zod";
import { MAX_TIMES } from "./cell-key";
import { MAX_WINDOW, MIN_WINDOW, TimesSettings } from "./times-grid";

/** The window of a times grid as typed: its first row and column, and how many of each it shows. */
export const TIMES_PARTS = ["row", "column", "rows", "columns"] as const;
export type TimesPart = (typeof TIMES_PARTS)[number];
export type TypedTimes = { readonly [part in TimesPart]?: string };
export type TimesChange = { ok: true; value: TimesSettings } | { ok: false; message: string; at?: TimesPart };

const BOUNDS: Record<TimesPart, [min: number, max: number]> = {
  row: [1, MAX_TIMES],
  column: [1, MAX_TIMES],
  rows: [MIN_WINDOW.rows, MAX_WINDOW.rows],
  columns: [MIN_WINDOW.columns, MAX_WINDOW.columns],
};

/** Changes the window of a times grid as typed; or says why that is no window, and at which fields. */
export function changeTimes(times: TimesSettings, typed: TypedTimes): TimesChange {
  const parts: { [part in TimesPart]?: number } = {};
  for (const [part, text] of Object.entries(typed) as [TimesPart, string][]) {
    const read = readWhole(text, ...BOUNDS[part]);
    if (!read.ok) return { ok: false, message: read.message, at: part };
    parts[part] = read.value;
  }
  const made = TimesSettings(z).safeParse({ ...times, ...parts });
  return made.success
    ? { ok: true, value: made.data }
    : { ok: false, message: made.error.issues[0]!.message };
}
