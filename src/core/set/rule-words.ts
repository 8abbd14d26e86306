import { listWords } from "../number/list-words";
import { showNumber } from "../number/show-number";
import { type Condition, kindOf, type Rule } from "./rule";

/** How a rule is said: "multiples of 6, from 6 to 120", "numbers that are odd and are not multiples of 3". */
export function ruleWords({ join, conditions }: Rule): string {
  if (conditions.length > 1) return `numbers that ${conditions.map(predicate).join(` ${join} `)}`;
  const condition = conditions[0]!;
  const { noun, nounNot } = kindOf(condition);
  if (!condition.not) return noun(condition);
  return nounNot ? nounNot(condition) : `numbers that ${predicate(condition)}`;
}

const NOT = { are: "are not", have: "do not have" } as const;

/** What a condition says of numbers: "are even", "do not have the ones digit 4". */
function predicate(condition: Condition): string {
  const { verb, predicate: what } = kindOf(condition);
  return `${condition.not ? NOT[verb] : verb} ${what(condition)}`;
}

/**
 * Numbers in a sentence: "24, 54, 84 and 114". Past `most`, how many more there are.
 * @param show how each of them is written
 */
export function listNumbers(
  numbers: readonly string[],
  most = 12,
  show: (number: string) => string = showNumber,
): string {
  if (numbers.length === 0) return "no number";
  const shown = numbers.slice(0, most).map(show);
  return listWords(numbers.length > most ? [...shown, `${numbers.length - most} more`] : shown);
}
