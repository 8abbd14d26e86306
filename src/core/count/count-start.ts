import { differenceOf, type Exact, exact, isMultiple, keyOf, type NumberKey } from "../number/exact";
import { beginCount, jumpOf } from "./count";
import { type Count, NEW_COUNT } from "./count-settings";

const inOrder = (numbers: readonly NumberKey[]): Exact[] =>
  numbers.map((number) => exact(number)).sort((a, b) => a.compare(b));

/**
 * The first number of a board that is reached by a count beginning outside it: on 181 to 220, a count in sevens from 0
 * reaches 182. If it reaches none, the board's first number, or its last one for a count back.
 * @param numbers the numbers of the board
 * @returns null for a board without numbers
 */
export function countEnters(
  { by, from, way }: Pick<Count, "by" | "from" | "way">,
  numbers: readonly NumberKey[],
): NumberKey | null {
  const all = inOrder(numbers);
  if (way === "back") all.reverse();
  const [start, size] = [exact(from), exact(by)];
  const isAhead = (number: Exact) =>
    way === "back" ? number.compare(start) <= 0 : number.compare(start) >= 0;
  const first = all.find((number) => isAhead(number) && isMultiple(number.sub(start), size)) ?? all[0];
  return first ? keyOf(first) : null;
}

/**
 * The count that a new board begins with: in twos from 0 where its numbers go up in ones, else in what they go up in; back where they
 * go down. Where the board has no such beginning, from its first number; in twos so that its first even number is counted first, as 2
 * is from 0.
 * @param numbers the numbers of the board, in its order
 */
export function newCountFor(numbers: readonly NumberKey[]): Count {
  const [first, second] = numbers;
  if (first === undefined || second === undefined) return NEW_COUNT;
  const gap = exact(second).sub(exact(first));
  if (gap.equals(0)) return NEW_COUNT;
  const inOnes = gap.abs().equals(1);
  const way = gap.s < 0n ? "back" : "forwards";
  const count: Count = { ...NEW_COUNT, ...(inOnes ? {} : { by: keyOf(gap.abs()) }), way };
  const held = new Set(numbers);
  const begins = beginCount(count, (number) => held.has(number));
  // Fewer than three numbers do not make a count.
  if (begins && held.has(keyOf(exact(jumpOf(count)).mul(2).add(exact(begins.number))))) return count;
  const isEven = (number: NumberKey) => isMultiple(exact(number), exact(count.by));
  const even = inOnes && way === "forwards" ? numbers.find(isEven) : undefined;
  return { ...count, from: even === undefined ? first : differenceOf(even, count.by) };
}
