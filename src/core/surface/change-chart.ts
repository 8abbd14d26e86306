import { readNumber } from "../number/read-number";
import { readWhole } from "../number/read-whole";
import * as z from "../zod";
import {
  type ChartSettings,
  cellCount,
  gridOf,
  lastNumber,
  MAX_COLUMNS,
  MAX_PLACES,
  ChartSettings as Schema,
} from "./chart";

/** The numbers of a chart as typed: first, difference, row length, last. */
export type ChartPart = "first" | "difference" | "columns" | "rows" | "last";
export type TypedChart = { readonly [part in ChartPart]?: string };
export type ChartChange = { ok: true; value: ChartSettings } | { ok: false; message: string; at?: ChartPart };

type Read = { ok: true; value: string | number } | { ok: false; message: string };

function readPart(part: ChartPart, typed: string): Read {
  if (part === "columns") return readWhole(typed, 1, MAX_COLUMNS);
  if (part === "rows") return readWhole(typed, 1, MAX_PLACES);
  const read = readNumber(typed);
  return read.ok ? { ok: true, value: read.text } : read;
}

/**
 * Changes several numbers of a chart as typed, all at once; or says why that is no chart, and at which fields. With
 * another row length the last number stays. Of a number of rows and a last number the one typed later counts.
 */
export function changeChart(chart: ChartSettings, typed: TypedChart): ChartChange {
  const parts: { [part in ChartPart]?: string | number } = {};
  for (const [part, text] of Object.entries(typed) as [ChartPart, string][]) {
    const read = readPart(part, text);
    if (!read.ok) return { ok: false, message: read.message, at: part };
    parts[part] = read.value;
  }
  const order = Object.keys(parts);
  const end = order.findLast((part) => part === "rows" || part === "last");
  const { first = chart.first, difference = chart.difference, columns = chart.columns } = parts;
  const until =
    end === "rows"
      ? { by: "rows", rows: parts.rows }
      : end === "last"
        ? { by: "last", last: parts.last }
        : columns === chart.columns
          ? chart.until
          : untilKept(chart, Number(columns));
  const wished = { ...chart, first, difference, columns, until };
  const made = Schema(z).safeParse(wished);
  if (made.success) return { ok: true, value: made.data };
  if (end === undefined && ("first" in parts || "difference" in parts) && chart.until.by === "last") {
    // If the numbers no longer reach the last one, the chart keeps its number of rows, so that it can be reversed.
    const turned = Schema(z).safeParse({ ...wished, until: { by: "rows", rows: gridOf(chart).rows } });
    if (turned.success) return { ok: true, value: turned.data };
  }
  const at = order.at(-1) as ChartPart | undefined;
  return { ok: false, message: made.error.issues[0]!.message, ...(at ? { at } : {}) };
}

/** The end of a chart with another row length, so that its last number stays. */
function untilKept(chart: ChartSettings, columns: number) {
  const count = cellCount(chart);
  const isFull = chart.until.by === "rows" && count % columns === 0;
  return isFull ? { by: "rows", rows: count / columns } : { by: "last", last: lastNumber(chart) };
}
