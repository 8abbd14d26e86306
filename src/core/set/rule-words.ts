import { showNumber } from "../number/show-number";
import type { Condition, Rule } from "./rule";

/** How a rule is said: "multiples of 6, from 6 to 120", "numbers that are odd and are not multiples of 3". */
export function ruleWords({ join, conditions }: Rule): string {
  if (conditions.length > 1) return `numbers that ${conditions.map(predicate).join(` ${join} `)}`;
  const [condition] = conditions;
  if (!condition!.not) return alone(condition!);
  if (condition!.kind === "digit") return `${condition!.place} digit is not ${condition!.digit}`;
  return `numbers that ${predicate(condition!)}`;
}

/** One condition on its own, as short as it can be said. */
function alone(condition: Condition): string {
  switch (condition.kind) {
    case "multiples":
      return `multiples of ${showNumber(condition.of)}${ends(condition.from, condition.to)}`;
    case "counting":
      return `counting in ${showNumber(condition.by)} from ${showNumber(condition.from)}${upTo(condition.to)}`;
    case "odd":
    case "even":
      return `${condition.kind} numbers`;
    case "square":
      return "square numbers";
    case "digit":
      return `${condition.place} digit is ${condition.digit}`;
    case "between":
      return `numbers from ${showNumber(condition.from)} to ${showNumber(condition.to)}`;
    case "less":
    case "more":
      return `numbers ${condition.kind} than ${showNumber(condition.than)}`;
    case "ink":
      return `numbers marked in ${condition.ink}`;
    case "marked":
      return "marked numbers";
    case "all":
      return "all numbers";
    default:
      return condition satisfies never;
  }
}

/** What a condition says of numbers: "are even", "do not have the ones digit 4". */
function predicate(condition: Condition): string {
  if (condition.kind === "digit") {
    return `${condition.not ? "do not have" : "have"} the ${condition.place} digit ${condition.digit}`;
  }
  return `are ${condition.not ? "not " : ""}${complement(condition)}`;
}

function complement(condition: Exclude<Condition, { kind: "digit" }>): string {
  switch (condition.kind) {
    case "multiples":
      return `multiples of ${showNumber(condition.of)}${ends(condition.from, condition.to)}`;
    case "counting":
      return `reached counting in ${showNumber(condition.by)} from ${showNumber(condition.from)}${upTo(condition.to)}`;
    case "odd":
    case "even":
    case "marked":
      return condition.kind;
    case "square":
      return "square numbers";
    case "between":
      return `from ${showNumber(condition.from)} to ${showNumber(condition.to)}`;
    case "less":
    case "more":
      return `${condition.kind} than ${showNumber(condition.than)}`;
    case "ink":
      return `marked in ${condition.ink}`;
    case "all":
      return "on the board";
    default:
      return condition satisfies never;
  }
}

const upTo = (to: string | undefined) => (to === undefined ? "" : ` to ${showNumber(to)}`);

function ends(from: string | undefined, to: string | undefined): string {
  if (from !== undefined && to !== undefined) return `, from ${showNumber(from)} to ${showNumber(to)}`;
  if (from !== undefined) return `, from ${showNumber(from)} on`;
  return to === undefined ? "" : `, up to ${showNumber(to)}`;
}

/** Numbers in a sentence: "24, 54, 84 and 114". Past `most`, how many more there are. */
export function listNumbers(numbers: readonly string[], most = 12): string {
  if (numbers.length === 0) return "no number";
  const shown = numbers.slice(0, most).map(showNumber);
  if (numbers.length > most) return `${shown.join(", ")} and ${numbers.length - most} more`;
  return shown.length === 1 ? shown[0]! : `${shown.slice(0, -1).join(", ")} and ${shown.at(-1)}`;
}
