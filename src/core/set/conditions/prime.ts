import { isPrime } from "../../number/prime";
import { wordCondition } from "./condition";

/** 2, 3, 5, 7, 11, … (OEIS A000040). */
export const prime = wordCondition({
  kind: "prime",
  label: "prime",
  family: "numbers",
  asks: "number",
  whole: () => isPrime,
  noun: () => "prime numbers",
  predicate: () => "prime",
  weight: 4,
});

/** Whole numbers above 1 that are not prime: 4, 6, 8, 9, … (OEIS A002808). */
export const composite = wordCondition({
  kind: "composite",
  label: "composite",
  family: "numbers",
  asks: "number",
  whole: () => (number) => number > 1 && !isPrime(number),
  noun: () => "composite numbers",
  predicate: () => "composite",
  weight: 5,
});
