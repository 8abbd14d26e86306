import { exact, type NumberKey } from "../number/exact";
import { showNumber } from "../number/show-number";
import { numberOf, type Target } from "../surface/cell-key";

/**
 * A hint for an empty square: the nearest visible number from which it can be worked out, and on which side of the
 * square it lies. The distance would give the answer away and is for the class to find. Of two equally near, the
 * smaller one. Null if no number is visible.
 */
export function hintFor(
  cell: Target,
  showing: readonly Target[],
  write: (number: NumberKey) => string = showNumber,
): string | null {
  const at = exact(numberOf(cell));
  let nearest: { number: NumberKey; by: ReturnType<typeof exact> } | null = null;
  for (const number of showing.map(numberOf)) {
    const by = at.sub(exact(number));
    const nearer = nearest === null ? -1 : by.abs().compare(nearest.by.abs());
    if (nearer < 0 || (nearer === 0 && by.s > 0n)) nearest = { number, by };
  }
  if (!nearest || nearest.by.n === 0n) return null;
  const side = nearest.by.s > 0n ? "more" : "less";
  return `It is ${side} than ${write(nearest.number)}. How much ${side}?`;
}

/**
 * The message about a number written in the wrong place.
 * @param typed the number as written
 */
export function wrongWords(says: NumberKey, typed = showNumber(says)): string {
  return `${typed} does not belong here. How could we find out what does?`;
}
