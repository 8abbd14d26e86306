import { isWhole } from "../../number/exact";
import { wordCondition } from "./condition";

export const even = wordCondition({
  kind: "even",
  label: "even",
  asks: "number",
  test: () => (value) => isWhole(value) && value.n % 2n === 0n,
  noun: () => "even numbers",
  predicate: () => "even",
});

export const odd = wordCondition({
  kind: "odd",
  label: "odd",
  asks: "number",
  test: () => (value) => isWhole(value) && value.n % 2n === 1n,
  noun: () => "odd numbers",
  predicate: () => "odd",
});
