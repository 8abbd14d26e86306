import { readNumber } from "../number/read-number";
import { readWhole } from "../number/read-whole";
import * as z from "../zod";
import { type AnyLine, LineSettings, MAX_CHOSEN, MAX_DIVISIONS, StripSettings } from "./line";

/** The settings of a line as typed: its ends, its intervals and their parts, its labels and its unit. */
export type LinePart = "from" | "to" | "interval" | "divisions" | "every" | "chosen" | "unit";
export type TypedLine = { readonly [part in LinePart]?: string };
export type LineChange = { ok: true; value: AnyLine } | { ok: false; message: string; at?: LinePart };

/** Changes several settings of a line as typed, all at once; or says why that is no line, and at which fields. */
export function changeLine(line: AnyLine, typed: TypedLine): LineChange {
  const parts: Record<string, unknown> = {};
  for (const [part, text] of Object.entries(typed) as [LinePart, string][]) {
    const read = readPart(part, text);
    if (!read.ok) return { ok: false, message: read.message, at: part };
    parts[part] = read.value;
  }
  const schema = line.kind === "line" ? LineSettings(z) : StripSettings(z);
  const made = schema.safeParse({ ...line, ...parts });
  if (made.success) return { ok: true, value: made.data };
  const at = Object.keys(parts).at(-1) as LinePart | undefined;
  return { ok: false, message: made.error.issues[0]!.message, ...(at ? { at } : {}) };
}

type PartRead = { ok: true; value: unknown } | { ok: false; message: string };

function readPart(part: LinePart, typed: string): PartRead {
  switch (part) {
    case "unit":
      return { ok: true, value: typed };
    case "divisions":
      return readWhole(typed, 1, MAX_DIVISIONS);
    case "every":
      return readWhole(typed, 1, 100);
    case "chosen":
      return readList(typed);
    default: {
      const read = readNumber(typed);
      return read.ok ? { ok: true, value: read.text } : read;
    }
  }
}

/**
 * Several numbers in one field, separated by semicolons; if there are none, by spaces, which then cannot stand within a
 * number.
 */
export function readList(
  typed: string,
  max = MAX_CHOSEN,
): { ok: true; value: string[] } | { ok: false; message: string } {
  const texts = typed
    .split(typed.includes(";") ? ";" : /,?\s+/)
    .map((text) => text.trim())
    .filter((text) => text !== "");
  if (texts.length > max) return { ok: false, message: `Write at most ${max} numbers.` };
  const values: string[] = [];
  for (const text of texts) {
    const isPiece =
      !typed.includes(";") && (/^0\d/.test(text) || (/^\d+\/\d+$|^[¼-¾⅐-⅞]$/.test(text) && texts.length > 1));
    if (isPiece && !texts.every((one) => one.includes("/"))) {
      return { ok: false, message: "Put semicolons between the numbers: 1 1/2; 2; 1,000." };
    }
    const read = readNumber(text);
    if (!read.ok) return { ok: false, message: `“${text.slice(0, 20)}”: ${read.message}` };
    values.push(read.text);
  }
  return { ok: true, value: values };
}
