import { MAX_FACTORISED } from "./factors";

/**
 * All divisors of a whole number from 1 to 10¹², in rising order, found by trial division of its prime factors: at
 * most 500,000 divisions for a prime near 10¹², some tens for the numbers of times tables.
 * @throws RangeError outside that range.
 */
export function divisorsOf(number: number): number[] {
  if (!Number.isInteger(number) || number < 1 || number > MAX_FACTORISED) {
    throw new RangeError("Divisors are found for whole numbers from 1 to 10¹².");
  }
  let divisors = [1];
  let rest = number;
  for (let prime = 2; prime * prime <= rest; prime += prime === 2 ? 1 : 2) {
    if (rest % prime !== 0) continue;
    const before = divisors;
    for (let power = prime; rest % prime === 0; power *= prime) {
      rest /= prime;
      divisors = divisors.concat(before.map((divisor) => divisor * power));
    }
  }
  if (rest > 1) divisors = divisors.concat(divisors.map((divisor) => divisor * rest));
  return divisors.sort((a, b) => a - b);
}
