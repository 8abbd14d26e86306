import type { Written } from "@/core/number/fraction-text";
import { BEFORE_FRACTION, DIGIT, OF_FRACTION } from "../chart/chart-layout";
import { round } from "../round";

/** Maximum number of labels measured one by one. */
export const MAX_MEASURED = 120;

/** The smallest numeral in a cell of a number strip, in pixels. */
export const MIN_NUMERAL = 15;

/** The size of a label: its numeral, with a fraction's two numbers one above the other. */
export function labelSize(
  { whole, over, under }: Written,
  numeral: number,
): { width: number; height: number } {
  const digits = whole.length * DIGIT * numeral;
  const fraction =
    under === ""
      ? 0
      : Math.max(over.length, under.length) * DIGIT * numeral * OF_FRACTION + numeral * BEFORE_FRACTION;
  return {
    width: round(digits + fraction + numeral * 0.6),
    height: round(numeral * (under === "" ? 1.45 : 1.95)),
  };
}
