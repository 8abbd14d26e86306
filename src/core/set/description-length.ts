import { exact } from "../number/exact";
import { type Condition, kindOf, type Rule } from "./rule";

/**
 * How long it takes to say a rule, in bits: the measure by which simple rules come before others. What is said without a
 * choice costs nothing; each choice costs the binary logarithm of what there was to choose from.
 *
 * - a condition costs the weight of its kind: 2 for what a class says first (even, odd, multiples), up to 7 for what it
 *   rarely says; a module in `conditions/` names its own
 * - a whole number n costs log₂(|n| + 1), a fraction the same for its top and its bottom, one of a list log₂ of its length
 * - of numbers named one by one, each costs 1 more
 * - "not" costs 2; a kind that was said already costs half its weight; each further condition 3, and the first so many 4 and its numbers
 * - an exception costs 6, and its number
 */
export function descriptionLength({ conditions, first }: Rule): number {
  const cut = first
    ? 4 + numberBits(String(first.many)) + (first.from === "1" ? 0 : numberBits(first.from))
    : 0;
  return cut + joinedBits(conditions.map((condition) => ({ condition, bits: conditionBits(condition) })));
}

/** The cost of a word that joins two conditions. */
export const JOINING = 3;
/** The maximum saving for a kind that was named already. */
export const MAX_SAVED = 4;

/** The cost of several conditions together, given the cost of each alone. */
export function joinedBits(
  parts: readonly { readonly condition: Condition; readonly bits: number }[],
): number {
  const said = new Set<string>();
  let bits = JOINING * (parts.length - 1);
  for (const { condition, bits: alone } of parts) {
    const { kind, weight } = kindOf(condition);
    bits += alone - (said.has(kind) ? weight / 2 : 0);
    said.add(kind);
  }
  return bits;
}

/** The cost of one condition. */
export function conditionBits(condition: Condition): number {
  const { weight, fields, choices } = kindOf(condition);
  const parts: Readonly<Record<string, unknown>> = condition;
  let bits = weight + (condition.not ? 2 : 0) + Math.log2(choices.length);
  for (const field of fields) {
    if ("word" in field) continue;
    const value = parts[field.part];
    if ("oneOf" in field) bits += Math.log2(field.oneOf.length);
    else if (Array.isArray(value)) bits += value.reduce((sum, each) => sum + 1 + numberBits(each), 0);
    else if (typeof value === "string") bits += numberBits(value);
  }
  return bits;
}

/** The cost of naming the exceptions to a rule. */
export const exceptionBits = (numbers: readonly string[]): number =>
  numbers.reduce((sum, number) => sum + 6 + numberBits(number), 0);

function numberBits(text: string): number {
  const whole = Number(text);
  if (Number.isInteger(whole)) return Math.log2(Math.abs(whole) + 1);
  const { n, d } = exact(text);
  return Math.log2(Number(n) + 1) + (d === 1n ? 0 : Math.log2(Number(d) + 1));
}
