import { wordCondition } from "./condition";

export const even = wordCondition({
  kind: "even",
  label: "even",
  family: "numbers",
  asks: "number",
  whole: () => (number) => number % 2 === 0,
  period: () => "2",
  noun: () => "even numbers",
  predicate: () => "even",
  weight: 2,
});

export const odd = wordCondition({
  kind: "odd",
  label: "odd",
  family: "numbers",
  asks: "number",
  whole: () => (number) => number % 2 !== 0,
  period: () => "2",
  noun: () => "odd numbers",
  predicate: () => "odd",
  weight: 2,
});
