import { withMinus } from "./dashes";
import { type Exact, exact } from "./exact";
import { FRACTION_SIGNS } from "./fraction-signs";
import { groupDigits } from "./group-digits";

/** Maximum number of digits before the decimal sign, after it, and in either part of a fraction. */
export const DIGITS = { whole: 15, decimals: 6, denominator: 4 } as const;

/**
 * A number that was read, or why it was not. `asks`: it can be read in several ways, and the message asks which is
 * meant.
 */
export type NumberRead =
  | { ok: true; value: Exact; text: string }
  | { ok: false; message: string; asks?: true };

const SIGN = new RegExp(`[${Object.keys(FRACTION_SIGNS).join("")}]`, "g");
/** Spaces of every width: groups of digits are often set apart by a thin one. */
const SPACES = /[\s\u00a0\u2000-\u200a\u202f]+/g;

const DECIMAL = /^(\d*)(?:\.(\d+))?$/;
const FRACTION = /^(\d+)\/(\d+)$/;
const MIXED = /^(\d+|\d{1,3}(?:,\d{3})+) (\d+)\/(\d+)$/;
/** Whole numbers in groups, by commas or by spaces alone; the first group does not begin with 0. */
const BY_COMMAS = /^[1-9]\d{0,2}(?:,\d{3})+(?:\.\d*)?$/;
const BY_SPACES = /^[1-9]\d{0,2}(?: \d{3})+(?:[.,]\d*)?$/;
/** A comma that cannot be a thousands separator: after a 0, or before one or two digits. */
const DECIMAL_COMMA = /^(?:0*,\d+|\d+,\d{1,2})$/;
const NUMBERLIKE = /^[\d.,/ ]*\d[\d.,/ ]*$/;

/**
 * Reads a number as people write it: `7`, `−3`, `- 3`, `1,000`, `1 000`, `0.2`, `0,2`, `3/4`, `½`, `1½`, `1 1/2`.
 * A comma or a space sets groups of three digits apart; a comma that cannot do so is a decimal sign. What could be
 * read in two ways is not read: the message asks which of them is meant. Never throws. `text` is the number as
 * written, tidied, so that a fraction stays a fraction; `exact(text)` is the value.
 */
export function readNumber(typed: string): NumberRead {
  if (typed.length > 60) return no("That number is too long. Write at most 15 digits.");
  const text = withMinus(typed.replace(SPACES, " ").trim(), "-");
  if (text === "") return no("Write a number here.");
  if (text.length > 40) return no("That number is too long. Write at most 15 digits.");
  const [, sign, rest] = /^([-+]?) ?(.*)$/.exec(text) as unknown as [string, string, string];
  const body = rest
    .replace(SIGN, (found) => ` ${FRACTION_SIGNS[found]}`)
    .replace(/ ?[/⁄] ?/g, "/")
    .replace(/ +/g, " ")
    .trim();
  if (/[^\x20-\x7e]/.test(body) && /\p{Nd}/u.test(body)) {
    return no("Write the number with the digits 0 to 9.");
  }
  return readBody(sign === "-" ? "-" : "", body);
}

function readBody(sign: "" | "-", body: string): NumberRead {
  const mixed = MIXED.exec(body);
  if (mixed) return readMixed(sign, mixed[1]!.replaceAll(",", ""), mixed[2]!, mixed[3]!);
  const plain = plainOf(body);
  const fraction = FRACTION.exec(plain);
  if (fraction) return readFraction(sign, fraction[1]!, fraction[2]!);
  const decimal = DECIMAL.exec(plain);
  if (decimal && plain !== "") return readDecimal(sign, decimal[1]!, decimal[2]);
  return NUMBERLIKE.test(body) ? doubtful(sign, body) : no(NO_NUMBER);
}

/** Digits without thousands separators, and with a point as the decimal sign. */
function plainOf(body: string): string {
  if (BY_COMMAS.test(body)) return body.replaceAll(",", "");
  if (BY_SPACES.test(body)) {
    const digits = body.replaceAll(" ", "");
    // After groups separated by spaces, three digits after a comma may be one more group.
    return /,\d{3}$/.test(digits) ? body : digits.replace(",", ".");
  }
  if (DECIMAL_COMMA.test(body)) return body.replace(",", ".");
  const over = /^([^/]*)\/(\d+)$/.exec(body);
  return over && BY_COMMAS.test(over[1]!) ? `${over[1]!.replaceAll(",", "")}/${over[2]}` : body;
}

/** The message that asks which of several readings is meant. */
function doubtful(sign: string, body: string): NumberRead {
  const minus = sign && "−";
  const said = `${minus}${body.slice(0, 24)}`;
  const commas = body.match(/,/g)?.length ?? 0;
  if (/^\d+,\d+$/.test(body)) {
    const [whole, part] = body.split(",") as [string, string];
    const joined = `${whole}${part}`.replace(/^0+(?=\d)/, "");
    if (joined.length <= DIGITS.whole) {
      return asking(
        `Is ${said} meant as ${minus}${groupDigits(joined)} or as ${minus}${whole}.${part}? Write it like that.`,
      );
    }
  }
  if (commas > 0 || /\d \d/.test(body)) {
    return asking(
      `How is ${said} meant? Write groups of three digits, as in 1,000,000, and decimals with a point, as in 0.5.`,
    );
  }
  return no(NO_NUMBER);
}

const NO_NUMBER = "Write a number, such as 7, −3, 0.2 or 3/4.";
const asking = (message: string): NumberRead => ({ ok: false, message, asks: true });

function readDecimal(sign: string, whole: string, decimals: string | undefined): NumberRead {
  if (whole.replace(/^0+/, "").length > DIGITS.whole) {
    return no("That number is too large. Write at most 15 digits.");
  }
  if ((decimals?.length ?? 0) > DIGITS.decimals) return no("Write at most 6 decimal places.");
  return finish(`${sign}${whole || "0"}${decimals === undefined ? "" : `.${decimals}`}`);
}

function readFraction(sign: string, over: string, under: string): NumberRead {
  const fault = faultOf(over, under);
  return fault === null ? finish(`${sign}${over}/${under}`) : no(fault);
}

function readMixed(sign: string, whole: string, over: string, under: string): NumberRead {
  const fault = faultOf(over, under) ?? (whole.length > DIGITS.whole ? TOO_LARGE : null);
  if (fault !== null) return no(fault);
  // 1 250/4 may be one and a fraction, or one thousand two hundred and fifty quarters.
  if (BigInt(over) >= BigInt(under)) {
    return no(
      `The fraction beside a whole number must be smaller than 1. Write ${over}/${under} as a mixed number.`,
    );
  }
  return finish(/^0+$/.test(whole) ? `${sign}${over}/${under}` : `${sign}${whole} ${over}/${under}`);
}

const TOO_LARGE = "That number is too large. Write at most 15 digits.";

function faultOf(over: string, under: string): string | null {
  if (/^0+$/.test(under)) return "The bottom number of a fraction cannot be 0. Write another number there.";
  if (over.length > DIGITS.whole) return TOO_LARGE;
  return under.length > DIGITS.denominator
    ? `The bottom number of a fraction can have at most ${DIGITS.denominator} digits.`
    : null;
}

function finish(text: string): NumberRead {
  const value = exact(text);
  if (value.n === 0n && text.startsWith("-")) return no("Zero has no sign. Write 0.");
  const tidy = text.replace(/^(-?)0+(?=\d)/, "$1");
  return { ok: true, value, text: tidy };
}

function no(message: string): NumberRead {
  return { ok: false, message };
}
