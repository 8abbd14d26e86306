import { onesDigit } from "../number/digits";
import { exact, gcd, isWhole, type NumberKey } from "../number/exact";

/** The ones digits of a count in rows, each row one cycle long. */
export type OnesCycle = { rows: number[][]; length: number };

/**
 * The ones digits of a count so far, laid in rows of one cycle each, so that the same digits stand below each other.
 * Equal jumps of d come round after 10 ÷ gcd(10, d) numbers. Null where a number is not whole or the jumps differ.
 */
export function onesCycle(numbers: readonly NumberKey[], jumps: readonly NumberKey[]): OnesCycle | null {
  const by = jumps[0];
  if (by === undefined || jumps.some((jump) => jump !== by)) return null;
  const values = numbers.map((number) => exact(number));
  if (!values.every(isWhole) || !isWhole(exact(by))) return null;
  const length = Number(10n / gcd(10n, exact(by).n));
  const digits = values.map(onesDigit);
  const rows = Array.from({ length: Math.ceil(digits.length / length) }, (_, row) =>
    digits.slice(row * length, (row + 1) * length),
  );
  return { rows, length };
}
