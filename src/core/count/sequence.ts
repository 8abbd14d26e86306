import { type Exact, exact } from "../number/exact";

/** An arithmetic sequence: `first`, and a `difference` that is not 0. It has no end. */
export type Sequence = { first: Exact; difference: Exact };

/** The number at `index` (0 is the first). */
export function termAt(sequence: Sequence, index: number): Exact {
  return sequence.first.add(sequence.difference.mul(exact(index)));
}

/** Where a number stands in the sequence, 0 for the first, or null when it is not in it. */
export function indexIn(sequence: Sequence, value: Exact): bigint | null {
  const steps = value.sub(sequence.first).div(sequence.difference);
  return steps.d === 1n && steps.s * steps.n >= 0n ? steps.s * steps.n : null;
}
