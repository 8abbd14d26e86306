import { z } from "zod";
import { keyOf } from "./exact";
import { readNumber } from "./read-number";

/** A number as written, kept as written: `3/4` stays `3/4`. */
export const NumberText = z.string().transform((typed, context) => {
  const read = readNumber(typed);
  if (read.ok) return read.text;
  context.addIssue({ code: "custom", message: read.message });
  return z.NEVER;
});

/** A number as the one text under which it is kept: `3/4` becomes `0.75`. */
export const NumberKeyText = z.string().transform((typed, context) => {
  const read = readNumber(typed);
  if (read.ok) return keyOf(read.value);
  context.addIssue({ code: "custom", message: read.message });
  return z.NEVER;
});
