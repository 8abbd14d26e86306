import type { NumberKey } from "../../number/exact";
import { type Rule, wholeTestOf } from "../rule";
import type { Answer } from "./find-rules";

/**
 * Whether two rules that agree on a chart hold the same whole numbers beyond it: `differ` is the least one, from 0 on, that
 * is in one of them alone. They are compared up to 3,000 and past 10⁴, 10⁵ and 10⁶; where they stand is a matter of this
 * chart.
 */
export type Agreement =
  | { readonly everywhere: true }
  | { readonly everywhere: false; readonly differ: NumberKey | null };

const PROBES: readonly number[] = [
  ...Array.from({ length: 3001 }, (_, i) => i),
  ...[4, 5, 6].flatMap((power) => Array.from({ length: 150 }, (_, i) => 10 ** power + i)),
];

/** Whether a rule refers to positions on the chart. */
export const isAboutSquares = ({ conditions }: Rule): boolean => conditions.some((one) => "on" in one);

export function holdsWhole(rule: Rule): (number: number) => boolean {
  const meets = rule.conditions.map(wholeTestOf);
  return rule.join === "and"
    ? (number) => meets.every((meet) => meet(number))
    : (number) => meets.some((meet) => meet(number));
}

/** Adds to each answer whether it agrees with the first exact one beyond the chart. */
export function agreementsWith(answers: readonly Answer[]): Answer[] {
  const exact = (answer: Answer) => answer.missing.length + answer.besides.length === 0;
  const first = answers.find(exact);
  if (!first) return [...answers];
  const known = PROBES.map(holdsWhole(first.rule));
  return answers.map((answer) => {
    if (!exact(answer)) return answer;
    return { ...answer, agrees: agreementOf(first.rule, answer.rule, known) };
  });
}

function agreementOf(first: Rule, rule: Rule, known: readonly boolean[]): Agreement {
  if (rule === first) return { everywhere: true };
  if (isAboutSquares(rule) || isAboutSquares(first)) return { everywhere: false, differ: null };
  const holds = holdsWhole(rule);
  const at = PROBES.findIndex((number, i) => holds(number) !== known[i]);
  return at < 0 ? { everywhere: true } : { everywhere: false, differ: String(PROBES[at]) };
}
