import { showNumber } from "../../number/show-number";
import { listNumbers, ruleWords } from "../rule-words";
import type { Answer } from "./find-rules";

/** An answer in words: "even numbers, but 38 is missing", "multiples of 9, and also 20". */
export function answerWords({
  rule,
  missing,
  besides,
}: Pick<Answer, "rule" | "missing" | "besides">): string {
  const lacks = missing.length === 0 ? "" : `, but ${listNumbers(missing)} ${isAre(missing)} missing`;
  const more = besides.length === 0 ? "" : `, and also ${listNumbers(besides)}`;
  return `${ruleWords(rule)}${lacks}${more}`;
}

const isAre = (numbers: readonly string[]) => (numbers.length === 1 ? "is" : "are");

/** How an answer differs from the first one beyond the chart; nothing if both agree everywhere. */
export function agreementWords({ agrees }: Pick<Answer, "agrees">): string | null {
  if (!agrees || agrees.everywhere) return null;
  return agrees.differ === null
    ? "The same only on this chart: it says where the numbers stand."
    : `The same only on this chart: ${showNumber(agrees.differ)} fits just one of the two.`;
}
