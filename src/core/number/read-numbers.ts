import type { Exact } from "./exact";
import { readNumber } from "./read-number";

export type NumbersRead = { ok: true; values: Exact[]; texts: string[] } | { ok: false; message: string };

/** Maximum length of a list of numbers. */
const LONGEST = 200;
/** Numbers in a list are separated by semicolons, by spaces, or by a comma followed by a space. */
const APART = /\s*;\s*|,\s+|\s+/;
/** A whole number before a fraction, 1 1/2. Among numbers set apart by commas or semicolons they are one number. */
const MIXED = /(?<![\d/⁄])(\d+)\s+(?=\d+\s*[/⁄]\s*\d)/g;
const HELD = "\u0001";
const IN_GROUPS = /^\d{1,3}(,\d{3}){2,}$/;

/**
 * Reads some numbers as people write them in a row: "250, 280, 293". A comma without a space after it belongs to one
 * number, as in 1,000; where it cannot be told which is meant, the message asks. Never throws.
 * @param least and
 * @param most how many there have to be
 */
export function readNumbers(typed: string, min: number, max: number): NumbersRead {
  const no = (message: string): NumbersRead => ({ ok: false, message });
  if (typed.length > LONGEST) return no(`Write at most ${max} numbers.`);
  const held = /;|,\s/.test(typed) ? typed.replace(MIXED, `$1${HELD}`) : typed;
  const parts = held
    .trim()
    .split(APART)
    .filter(Boolean)
    .map((part) => part.replace(HELD, " "));
  const only = parts.length === 1 ? parts[0]! : "";
  if (IN_GROUPS.test(only))
    return no("Write a space after each comma, as in 250, 280, 293; or one number without commas.");
  if (parts.length < min || parts.length > max) {
    return no(min === max ? `Write ${min} numbers.` : `Write ${min} to ${max} numbers.`);
  }
  const reads = parts.map((part) => ({ part, read: readNumber(part) }));
  const values: Exact[] = [];
  const texts: string[] = [];
  for (const { part, read } of reads) {
    if (!read.ok) return no(parts.length === 1 ? read.message : `${part}: ${read.message}`);
    values.push(read.value);
    texts.push(read.text);
  }
  return { ok: true, values, texts };
}
