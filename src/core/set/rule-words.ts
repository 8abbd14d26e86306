import { listWords } from "../number/list-words";
import { showNumber } from "../number/show-number";
import { type Condition, kindOf, type Rule } from "./rule";

/** A rule in words: "multiples of 6, from 6 to 120", "numbers that are odd and are not multiples of 3". */
export function ruleWords({ join, conditions, first }: Rule): string {
  if (first) {
    const many = first.many === 1 ? "the first whole number" : `the first ${first.many} whole numbers`;
    const verbs: Verbs = first.many === 1 ? { are: "is", have: "has" } : SEVERAL;
    return `${many} from ${showNumber(first.from)} on that ${predicates(conditions, join, verbs)}`;
  }
  if (conditions.length > 1) return `numbers that ${predicates(conditions, join)}`;
  const condition = conditions[0]!;
  const { noun, nounNot } = kindOf(condition);
  if (!condition.not) return noun(condition);
  return nounNot ? nounNot(condition) : `numbers that ${predicate(condition)}`;
}

/** The shortest wording of a rule, for a label: "multiples of 6", "2 more than 5s". */
export function shortWords(rule: Rule): string {
  if (rule.first || rule.conditions.length > 1 || rule.conditions[0]!.not) return ruleWords(rule);
  const { short, noun } = kindOf(rule.conditions[0]!);
  return (short ?? noun)(rule.conditions[0]!);
}

const NOT = { are: "are not", have: "do not have", is: "is not", has: "does not have" } as const;
const SEVERAL = { are: "are", have: "have" } as const;
type Verbs = { are: "are" | "is"; have: "have" | "has" };

/** A condition as a predicate: "are even", "do not have the ones digit 4". */
function predicate(condition: Condition, verbs: Verbs = SEVERAL): string {
  const { verb, predicate: what } = kindOf(condition);
  return `${condition.not ? NOT[verbs[verb]] : verbs[verb]} ${what(condition)}`;
}

/** In a predicate that has one of these, it would not be clear where it ends. */
const LONG = /, | or /;

/**
 * The predicates of a rule. A long one ends with a comma: "have two digits, the ones digit twice the tens digit, and are even";
 * "are 18 or 27, or are even".
 */
const predicates = (conditions: readonly Condition[], join: Rule["join"], verbs?: Verbs): string => {
  const all = conditions.map((condition) => predicate(condition, verbs));
  const comma = all.slice(0, -1).some((one) => LONG.test(one)) ? "," : "";
  return all.join(`${comma} ${join} `);
};

/**
 * Numbers in a sentence: "24, 54, 84 and 114"; beyond `max`, how many more there are.
 * @param show how each of them is written
 */
export function listNumbers(
  numbers: readonly string[],
  max = 12,
  show: (number: string) => string = showNumber,
): string {
  if (numbers.length === 0) return "no number";
  const shown = numbers.slice(0, max).map(show);
  return listWords(numbers.length > max ? [...shown, `${numbers.length - max} more`] : shown);
}
