import { FRACTION_SIGNS } from "./fraction-signs";

/** The longest prefix of a text that can be one number, without its sign; empty if there is none. */
export function numberAtStart(text: string): string {
  return START.exec(text)?.[0] ?? "";
}

const SPACE = "[ \\u00a0\\u2009\\u202f]";
const GLYPHS = Object.keys(FRACTION_SIGNS).join("");
const START = new RegExp(
  `^(?:${[
    // One and a half, as a fraction or by its own sign.
    `\\d+(?:,\\d{3})*${SPACE}+\\d+[/⁄]\\d+(?!\\d)`,
    `(?:\\d+(?:,\\d{3})*${SPACE}?)?[${GLYPHS}]`,
    "\\d+(?:,\\d{3})*[/⁄]\\d+",
    `\\d{1,3}(?:${SPACE}\\d{3})+(?!\\d)(?:[.,]\\d+)?`,
    "[\\d.,]*\\d",
  ].join("|")})`,
);
