import { withMinus } from "../number/dashes";
import type { Exact } from "../number/exact";
import { numberAtStart } from "../number/number-at-start";
import { readNumber } from "../number/read-number";

/** A piece of a typed number sentence. `text` of a number is the number as written, tidied. */
export type Token = { kind: "number"; value: Exact; text: string } | { kind: "sign"; text: string };

/** Why a sentence cannot be read, in words for whoever typed it. */
export class SentenceFault extends Error {}

/** The signs of number sentences, by all that is typed for them. */
const SIGNS: Readonly<Record<string, string>> = {
  "+": "+",
  "−": "−",
  "*": "×",
  x: "×",
  X: "×",
  "×": "×",
  "·": "×",
  ":": "÷",
  "÷": "÷",
  // Within a number a stroke makes a fraction; anywhere else it divides.
  "/": "÷",
  "(": "(",
  ")": ")",
  "=": "=",
  "?": "?",
};

/** A typed sentence with the signs as they are printed. A stroke stays where it makes a fraction of two numbers. */
export const withSigns = (typed: string): string =>
  withMinus(typed, "−").replace(/[*xX·:]|(?<!\d)\/|\/(?!\d)/g, (sign) => SIGNS[sign] ?? sign);

/** A typed sentence in which a stroke between two numbers, with nothing before or after them, divides: 24/6. */
export const withDivision = (typed: string): string =>
  typed.replace(/^\s*(\d+)\s*\/\s*(\d+)(?=\s*(=|$))/, "$1 ÷ $2");

/**
 * The numbers and signs of a typed sentence, in order.
 * @throws SentenceFault where a number cannot be read, or something has no place in a sentence.
 */
export function tokensOf(typed: string): Token[] {
  const tokens: Token[] = [];
  for (let rest = withMinus(typed.trim(), "−"); rest !== ""; rest = rest.trimStart()) {
    const here = [...rest][0]!;
    const digits = numberAtStart(rest);
    if (digits) {
      const read = readNumber(digits);
      if (!read.ok) throw new SentenceFault(read.message);
      tokens.push({ kind: "number", value: read.value, text: read.text });
      rest = rest.slice(digits.length);
    } else if (SIGNS[here]) {
      tokens.push({ kind: "sign", text: SIGNS[here] });
      rest = rest.slice(here.length);
    } else if (/\p{Nd}/u.test(here)) throw new SentenceFault("Write the number with the digits 0 to 9.");
    else {
      throw new SentenceFault(`“${here}” cannot be used in a number sentence. Use numbers and + − × ÷ ( ).`);
    }
  }
  return tokens;
}
