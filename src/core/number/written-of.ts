import type { Written } from "./fraction-text";
import { showNumber } from "./show-number";

/** A number as it is written from the line of text that reads it out: "1 1/4". Other text is all in its whole part. */
export function writtenOf(text: string): Written {
  const [, sign = "", whole = "", over = "", under = ""] =
    /^(−?)(?:([\d,]+) )?([\d,]+)\/([\d,]+)$/.exec(text) ?? [];
  return under === "" ? { whole: text, over, under } : { whole: sign + whole, over, under };
}

/** A number in the form in which it was typed: 6/8 stays 6/8, and 0.75 stays 0.75. */
export const writtenAs = (typed: string): Written => writtenOf(showNumber(typed));
