import { isWhole } from "../../number/exact";
import { wordCondition } from "./condition";

export const square = wordCondition({
  kind: "square",
  label: "square numbers",
  asks: "number",
  test: () => (value) => isWhole(value) && isSquare(value.s * value.n),
  noun: () => "square numbers",
  predicate: () => "square numbers",
});

/** Whether a whole number is the square of one: 0, 1, 4, 9, … Exact, however large it is. */
function isSquare(value: bigint): boolean {
  if (value < 0n) return false;
  let root = BigInt(Math.floor(Math.sqrt(Number(value))));
  while (root * root > value) root -= 1n;
  while ((root + 1n) * (root + 1n) <= value) root += 1n;
  return root * root === value;
}
