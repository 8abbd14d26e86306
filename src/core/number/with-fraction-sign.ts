import { FRACTION_SIGNS } from "./fraction-signs";

/** Typed text with the single character for its fraction, if there is one: `1/2` as ½, `1 3/4` as 1¾. */
export function withFractionSign(text: string): string {
  const found = Object.entries(FRACTION_SIGNS).find(
    ([, fraction]) => text === fraction || text.endsWith(` ${fraction}`),
  );
  return found ? text.slice(0, -found[1].length).trimEnd() + found[0] : text;
}
