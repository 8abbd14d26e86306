import { type Exact, exact, keyOf, type NumberKey } from "./exact";
import { groupDigits } from "./group-digits";
import { showNumber } from "./show-number";

/** How a number is written on a line: as a decimal, in parts of a whole, as a mixed number, or in lowest terms. */
export type NumberForm = "decimal" | "parts" | "mixed" | "lowest";

/** A number as it is written: its sign and whole part, and a fraction where there is one. */
export type Written = { whole: string; over: string; under: string };

/**
 * A number written in a form. `parts` is the number of parts of a whole that the form `parts` counts in, 4 for
 * quarters; numbers that are no whole number of them are written in lowest terms.
 */
export function writeNumber(value: Exact, form: NumberForm, parts: bigint): Written {
  const sign = value.s < 0n && value.n !== 0n ? "−" : "";
  const plain: Written = { whole: showNumber(keyOf(value)), over: "", under: "" };
  if (form === "decimal") {
    const [over, under] = plain.whole.replace("−", "").split("/");
    // A number that has no end as a decimal is written as the fraction it is.
    return under === undefined ? plain : { whole: sign, over: over ?? "", under };
  }
  if (form === "parts" && parts > 1n && parts % value.d === 0n) {
    return { whole: sign, over: groupDigits(String(value.n * (parts / value.d))), under: String(parts) };
  }
  if (value.d === 1n) return plain;
  const whole = value.n / value.d;
  if (form === "mixed" && whole > 0n) {
    return {
      whole: `${sign}${groupDigits(String(whole))}`,
      over: String(value.n - whole * value.d),
      under: String(value.d),
    };
  }
  return { whole: sign, over: groupDigits(String(value.n)), under: String(value.d) };
}

/** Whether a number, as it was typed, is a fraction: 3/4, and not 0.75. */
export const isFraction = (text: string): boolean => text.includes("/");

/** A number with its parts of wholes as a fraction: one and a quarter, and never 1.25. */
export const inFractions = (key: NumberKey): Written => writeNumber(exact(key), "mixed", 1n);

/** The same in one line: `1 1/4`. */
export const asFractions = (key: NumberKey): string => writtenText(inFractions(key));

/** The same in one line of text, as it is read out: "1 1/4". */
export function writtenText({ whole, over, under }: Written): string {
  if (under === "") return whole;
  const fraction = `${over}/${under}`;
  return whole === "" || whole === "−" ? `${whole}${fraction}` : `${whole} ${fraction}`;
}
