import Fraction from "fraction.js";

/** An exact rational number: 0.1 + 0.2 is 0.3, a third is a third. Immutable. */
export type Exact = Fraction;

/**
 * The text under which a number is kept and compared: one text for one number.
 * Whole numbers as `7` and `-3`, terminating decimals as `0.2`, all others as a fraction in lowest terms, `1/3`.
 */
export type NumberKey = string;

/**
 * An exact number from text that has already been checked (see `readNumber` for text that has not),
 * or from a whole number.
 * @throws when the text is not a number, or divides by zero.
 */
export function exact(value: string | bigint | number): Exact {
  return new Fraction(value);
}

/** The key of a number. `keyOf(exact(k)) === k` for every key k. */
export function keyOf(value: Exact): NumberKey {
  return terminates(value.d) ? value.toString() : value.toFraction();
}

const WHOLE = /^(0|-?[1-9]\d*)$/;

/** The key of a number that is given as checked text: `"3/4"` and `"0.750"` both give `"0.75"`. */
export function keyOfText(text: string): NumberKey {
  return WHOLE.test(text) ? text : keyOf(exact(text));
}

/** Whole numbers of this many digits, and their sums, are exact as floats. */
const SHORT_WHOLE = /^(0|-?[1-9]\d{0,14})$/;
const areShort = (a: NumberKey, b: NumberKey) => SHORT_WHOLE.test(a) && SHORT_WHOLE.test(b);

/** The sum of two numbers. Short whole numbers take the quick way: a long count is thousands of sums. */
export function sumOf(a: NumberKey, b: NumberKey): NumberKey {
  return areShort(a, b) ? String(Number(a) + Number(b)) : keyOf(exact(a).add(exact(b)));
}

/** The first number less the second. */
export function differenceOf(a: NumberKey, b: NumberKey): NumberKey {
  return areShort(a, b) ? String(Number(a) - Number(b)) : keyOf(exact(a).sub(exact(b)));
}

/** Whether the number has no fractional part. */
export function isWhole(value: Exact): boolean {
  return value.d === 1n;
}

/** Whether `value` is a whole multiple of `of`. Every number is a multiple of itself; only 0 is one of 0. */
export function isMultiple(value: Exact, of: Exact): boolean {
  return of.n === 0n ? value.n === 0n : value.div(of).d === 1n;
}

/** The greatest common divisor of two whole numbers that are not below 0; with 0, the other one. */
export const gcd = (a: bigint, b: bigint): bigint => (b === 0n ? a : gcd(b, a % b));

/** A fraction in lowest terms terminates as a decimal exactly when its denominator has no prime but 2 and 5. */
function terminates(denominator: bigint): boolean {
  let rest = denominator;
  while (rest % 2n === 0n) rest /= 2n;
  while (rest % 5n === 0n) rest /= 5n;
  return rest === 1n;
}
