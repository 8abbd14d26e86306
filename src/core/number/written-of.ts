import type { Written } from "./fraction-text";

/** A number as it is written from the line of text that reads it out: "1 1/4". Other text is all in its whole part. */
export function writtenOf(text: string): Written {
  const [, sign = "", whole = "", over = "", under = ""] =
    /^(−?)(?:([\d,]+) )?([\d,]+)\/(\d+)$/.exec(text) ?? [];
  return under === "" ? { whole: text, over, under } : { whole: sign + whole, over, under };
}
