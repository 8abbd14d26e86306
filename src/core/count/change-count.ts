import { readNumber } from "../number/read-number";
import * as z from "../zod";
import { Count } from "./count-settings";

/** A count with its size or its start changed as typed; or why that is not possible, and at which field. */
export function changeCount(
  count: Count,
  typed: { readonly by?: string; readonly from?: string },
): { ok: true; value: Count } | { ok: false; message: string; at?: "by" | "from" } {
  const parts: { by?: string; from?: string } = {};
  for (const part of ["by", "from"] as const) {
    const text = typed[part];
    if (text === undefined) continue;
    const read = readNumber(text);
    if (!read.ok) return { ok: false, message: read.message, at: part };
    parts[part] = read.text;
  }
  const made = Count(z).safeParse({ ...count, ...parts });
  return made.success
    ? { ok: true, value: made.data }
    : { ok: false, message: made.error.issues[0]!.message, at: "by" };
}
