import { type Exact, exact } from "./exact";

/** Most digits before the decimal sign, after it, and in either part of a fraction. */
export const DIGITS = { whole: 15, decimals: 6, denominator: 4 } as const;

export type NumberRead = { ok: true; value: Exact; text: string } | { ok: false; message: string };

const DECIMAL = /^-?(\d+)(?:\.(\d+))?$/;
const FRACTION = /^-?(\d+)\/(\d+)$/;

/**
 * Reads a number as a teacher types it: `7`, `−3`, `0.2`, `0,2`, `3/4`. The real minus and the hyphen both count.
 * Never throws; the message says what is wrong and what to do. `text` is the number as written, tidied, so that a
 * fraction stays a fraction.
 */
export function readNumber(typed: string): NumberRead {
  const text = typed.trim().replaceAll("−", "-").replace(/\s+/g, " ");
  if (text === "") return no("Write a number here.");
  if (text.length > 40) return no("That number is too long. Write at most 15 digits.");
  if (/[^\x20-\x7e]/.test(text) && /\p{Nd}/u.test(text))
    return no("Write the number with the digits 0 to 9.");
  if (/^-?\d{1,3}(,\d{3}){2,}$/.test(text)) return no("Write large numbers without commas, such as 1000000.");
  const plain = text.replace(/^(-?\d+),(\d+)$/, "$1.$2").replace(/^(-?)\./, "$10.");
  const fraction = FRACTION.exec(plain);
  if (fraction) return readFraction(plain, fraction[1]!, fraction[2]!);
  const decimal = DECIMAL.exec(plain);
  if (!decimal) return no("Write a number, such as 7, −3, 0.2 or 3/4.");
  if (decimal[1]!.length > DIGITS.whole) return no("That number is too large. Write at most 15 digits.");
  if ((decimal[2]?.length ?? 0) > DIGITS.decimals) return no("Write at most 6 decimal places.");
  return finish(plain);
}

function readFraction(text: string, over: string, under: string): NumberRead {
  if (/^0+$/.test(under)) return no("A fraction cannot have 0 below its line. Write another number there.");
  if (over.length > DIGITS.whole) return no("That number is too large. Write at most 15 digits.");
  if (under.length > DIGITS.denominator) return no("Write a fraction with at most 4 digits below its line.");
  return finish(text);
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
