/** Numbers below this are tested by trial division; above it that would take too long. */
const MAX_DIVIDED = 1_000_000;
/** With these bases the test of Miller and Rabin is exact below 3.3 × 10²⁴ (Sorenson and Webster, 2015). */
const BASES = [2n, 3n, 5n, 7n, 11n, 13n, 17n, 19n, 23n, 29n, 31n, 37n, 41n];

/** Whether a whole number of at most 15 digits is prime. */
export function isPrime(number: number): boolean {
  if (number < 2) return false;
  for (let by = 2; by < 50 && by * by <= number; by += 1) if (number % by === 0) return false;
  if (number < 2500) return true;
  return number <= MAX_DIVIDED ? isPrimeByDividing(number) : isPrimeByBases(BigInt(number));
}

/** For a number without a factor below 50. */
function isPrimeByDividing(number: number): boolean {
  for (let by = 51; by * by <= number; by += 2) if (number % by === 0) return false;
  return true;
}

function isPrimeByBases(number: bigint): boolean {
  const below = number - 1n;
  let odd = below;
  let halvings = 0;
  while (odd % 2n === 0n) {
    odd /= 2n;
    halvings += 1;
  }
  return BASES.every((base) => {
    let rest = powerRest(base, odd, number);
    if (rest === 1n || rest === below) return true;
    for (let i = 1; i < halvings; i += 1) {
      rest = (rest * rest) % number;
      if (rest === below) return true;
    }
    return false;
  });
}

/** Modular exponentiation. */
function powerRest(base: bigint, exponent: bigint, by: bigint): bigint {
  let [power, left, rest] = [base % by, exponent, 1n];
  while (left > 0n) {
    if (left % 2n === 1n) rest = (rest * power) % by;
    power = (power * power) % by;
    left /= 2n;
  }
  return rest;
}
