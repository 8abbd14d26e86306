import { isPrime } from "./prime";

/** The largest number that is factorised here. */
export const MAX_FACTORISED = 1_000_000_000_000;

/**
 * How many divisors a whole number from 1 to 10¹² has, itself and 1 among them. Once it is rid of all prime factors up to its
 * cube root, what is left is 1, a prime, the square of one, or two of them: at most 5,000 divisions.
 */
export function countDivisors(number: number): number {
  let count = 1;
  let rest = number;
  for (let prime = 2; prime ** 3 <= rest; prime += prime === 2 ? 1 : 2) {
    let power = 1;
    for (; rest % prime === 0; rest /= prime) power += 1;
    count *= power;
  }
  if (rest === 1) return count;
  if (isPrime(rest)) return count * 2;
  return count * (Number.isInteger(Math.sqrt(rest)) ? 3 : 4);
}
