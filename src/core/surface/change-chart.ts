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

/** The numbers of a chart as they are typed: where it begins, how it goes up, how long its rows are, where it ends. */
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
 * A chart with some of its numbers typed anew, all of them at once; or why they make no chart, and at which of them.
 * Rows of another length keep the last number. Of a number of rows and a last number the one typed later holds.
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
    // Numbers that no longer come to the last one go on for as many rows as before: the chart can be turned round.
    const turned = Schema(z).safeParse({ ...wished, until: { by: "rows", rows: gridOf(chart).rows } });
    if (turned.success) return { ok: true, value: turned.data };
  }
  const at = order.at(-1) as ChartPart | undefined;
  return { ok: false, message: made.error.issues[0]!.message, ...(at ? { at } : {}) };
}

/** Where a chart with rows of another length ends, so that its last number stays. */
function untilKept(chart: ChartSettings, columns: number) {
  const count = cellCount(chart);
  const isFull = chart.until.by === "rows" && count % columns === 0;
  return isFull ? { by: "rows", rows: count / columns } : { by: "last", last: lastNumber(chart) };
}
