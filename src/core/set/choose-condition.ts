import { readNumber } from "../number/read-number";
import { readNumbers } from "../number/read-numbers";
import { readWhole } from "../number/read-whole";
import * as z from "../zod";
import { CONDITIONS } from "./conditions";
import { FAMILIES, type Family } from "./conditions/condition";
import { Condition, FirstOnly, kindOf, MAX_FIRST, type Rule } from "./rule";
import { HUNDRED_SQUARES, type Squares } from "./squares";

const ALL = CONDITIONS.flatMap(({ kind, family, choices }) =>
  choices.map((choice) => ({ kind, family, ...choice })),
);
type Choice = { value: string; label: string };

/** The conditions as a teacher chooses them, family by family: a digit is chosen with its place. */
export const CONDITION_CHOICES: readonly { name: string; options: readonly Choice[] }[] = (
  Object.keys(FAMILIES) as Family[]
).map((family) => ({ name: FAMILIES[family], options: ALL.filter((one) => one.family === family) }));

/** Which of the choices a condition is. */
export function choiceOf(condition: Condition): string {
  const { choices } = kindOf(condition);
  const parts = Object.entries(condition);
  // A choice starts from the current condition where it can: the condition's own choice leaves it unchanged.
  const own = choices.find(({ start }) => {
    const started: Record<string, unknown> = start(condition, squaresIn(condition));
    return parts.every(([part, value]) => !(part in started) || started[part] === value);
  });
  return (own ?? choices[0]!).value;
}

/** A condition for another choice, keeping what it can of the one it replaces. */
export function chooseCondition(value: string, old: Condition, squares?: Squares): Condition {
  const choice = ALL.find((one) => one.value === value);
  if (!choice) return old;
  return Condition(z).parse({
    kind: choice.kind,
    not: old.not,
    ...choice.start(old, squares ?? squaresIn(old)),
  });
}

/**
 * Only the first numbers of a rule, as typed: how many, and from which one on. With nothing typed for how many, all of them.
 */
export function firstOnly(typed: {
  readonly many?: string;
  readonly from?: string;
}): { ok: true; value: Rule["first"] } | { ok: false; message: string; at: "many" | "from" } {
  const { many = "", from = "" } = typed;
  if (many.trim() === "") return { ok: true, value: undefined };
  const read = readWhole(many, 1, MAX_FIRST);
  if (!read.ok) return { ...read, at: "many" };
  const start = readNumber(from.trim() === "" ? "1" : from);
  if (!start.ok) return { ok: false, message: start.message, at: "from" };
  const made = FirstOnly(z).safeParse({ many: read.value, from: start.text });
  return made.success
    ? { ok: true, value: made.data }
    : { ok: false, message: made.error.issues[0]!.message, at: "from" };
}

/** The squares that a condition refers to; those of a hundred chart if it refers to none. */
const squaresIn = (condition: Condition): Squares => ("on" in condition ? condition.on : HUNDRED_SQUARES);

/** A rule transferred to another chart: what it says about positions is about that one. */
export const ruleOn = (rule: Rule, squares: Squares): Rule => ({
  ...rule,
  conditions: rule.conditions.map((one) => ("on" in one ? { ...one, on: squares } : one)),
});

/** The condition with some parts replaced as typed; or refused, naming the part at fault or the combination. */
export function conditionWith(
  condition: Condition,
  typed: Readonly<Record<string, string | undefined>>,
): { ok: true; value: Condition } | { ok: false; message: string; at?: string } {
  const next: Record<string, unknown> = { ...condition };
  for (const field of kindOf(condition).fields) {
    if (!("number" in field || "numbers" in field)) continue;
    const { part } = field;
    const text = typed[part];
    if (text === undefined) continue;
    if ("numbers" in field) {
      const read = readNumbers(text, 1, field.numbers.max);
      if (!read.ok) return { ok: false, message: read.message, at: part };
      next[part] = read.texts;
      continue;
    }
    delete next[part];
    if (field.number === "optional" && text.trim() === "") continue;
    const read = readNumber(text);
    if (!read.ok) return { ok: false, message: read.message, at: part };
    next[part] = read.text;
  }
  const made = Condition(z).safeParse(next);
  return made.success
    ? { ok: true, value: made.data }
    : { ok: false, message: made.error.issues[0]!.message };
}
