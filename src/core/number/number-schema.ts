import { schema, type Z } from "../schema";
import { exact, keyOf } from "./exact";
import { type NumberRead, readNumber } from "./read-number";

/** Plain whole numbers are their own keys: a shortcut, since a lesson has thousands of them. */
const PLAIN = /^(0|-?[1-9]\d{0,14})$/;

/** A schema of typed numbers that stores what `keep` makes of each; a text that `isKept` has is stored as it is. */
const numberSchema = (
  z: Z,
  keep: (read: Extract<NumberRead, { ok: true }>) => string,
  isKept?: (text: string) => boolean,
) =>
  z.pipe(
    z.string(),
    z.transform((typed, context) => {
      if (PLAIN.test(typed) || isKept?.(typed)) return typed;
      const read = readNumber(typed);
      if (read.ok) return keep(read);
      context.issues.push({ code: "custom", message: read.message, input: typed });
      return z.NEVER;
    }),
  );

/** A number as written, kept as written: `3/4` stays `3/4`. */
export const NumberText = schema((z) => numberSchema(z, (read) => read.text));

/** What a jump leads to may have more digits than can be typed: 10 halved eight times is 0.0390625. */
const LONG_KEY = /^-?\d{1,60}(\.\d|\/[1-9])\d{0,59}$/;

/** A number as the one text under which it is kept: `3/4` becomes `0.75`. */
export const NumberKeyText = schema((z) =>
  numberSchema(
    z,
    (read) => keyOf(read.value),
    (text) => LONG_KEY.test(text) && keyOf(exact(text)) === text,
  ),
);
