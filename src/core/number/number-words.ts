import * as british from "n2words/en-GB";
import * as american from "n2words/en-US";
import { exact, type NumberKey } from "./exact";

/** How numbers are said: "one hundred and twelve", or "one hundred twelve". */
export type WordForm = "british" | "american";

/**
 * A number in words. Whole numbers as they are counted; decimals digit by digit after the point, "two point two
 * five"; other fractions as a whole number and a part, "one and two thirds". Below zero: "minus seven" in the British
 * form, "negative seven" in the American.
 */
export function numberWords(number: NumberKey, form: WordForm): string {
  const { toCardinal, toOrdinal } = form === "british" ? british : american;
  const value = exact(number);
  const below = value.s < 0n && value.n !== 0n ? (form === "british" ? "minus " : "negative ") : "";
  const whole = value.n / value.d;
  if (number.includes("/")) {
    const over = value.n % value.d;
    const part = `${toCardinal(over)} ${toOrdinal(value.d)}${over === 1n ? "" : "s"}`;
    return below + (whole === 0n ? part : `${toCardinal(whole)} and ${part}`);
  }
  const decimals = number.split(".")[1];
  const point = decimals ? ` point ${[...decimals].map((digit) => toCardinal(BigInt(digit))).join(" ")}` : "";
  return below + toCardinal(whole) + point;
}
