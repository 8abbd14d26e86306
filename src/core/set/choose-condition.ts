import { readNumber } from "../number/read-number";
import { CONDITIONS } from "./conditions";
import { Condition, kindOf } from "./rule";

const ALL = CONDITIONS.flatMap(({ kind, choices }) => choices.map((choice) => ({ kind, ...choice })));

/** The conditions as a teacher chooses them: a digit is chosen with its place. */
export const CONDITION_CHOICES: readonly { value: string; label: string }[] = ALL;

/** Which of the choices a condition is. */
export function choiceOf(condition: Condition): string {
  const { choices } = kindOf(condition);
  const parts = Object.entries(condition);
  // What a choice begins with keeps all it can: the condition's own choice leaves it as it is.
  const own = choices.find(({ start }) => {
    const started: Record<string, unknown> = start(condition);
    return parts.every(([part, value]) => !(part in started) || started[part] === value);
  });
  return (own ?? choices[0]!).value;
}

/** A condition of another choice to begin from, with what can be kept of the one it replaces. */
export function chooseCondition(value: string, old: Condition): Condition {
  const choice = ALL.find((one) => one.value === value);
  return choice ? Condition.parse({ kind: choice.kind, not: old.not, ...choice.start(old) }) : old;
}

/** The condition with some of its parts as typed: refused with the part it is about, or with what all of them make. */
export function conditionWith(
  condition: Condition,
  typed: Readonly<Record<string, string | undefined>>,
): { ok: true; value: Condition } | { ok: false; message: string; at?: string } {
  const next: Record<string, unknown> = { ...condition };
  for (const field of kindOf(condition).fields) {
    if (!("number" in field)) continue;
    const { part } = field;
    const text = typed[part];
    if (text === undefined) continue;
    delete next[part];
    if (field.number === "optional" && text.trim() === "") continue;
    const read = readNumber(text);
    if (!read.ok) return { ok: false, message: read.message, at: part };
    next[part] = read.text;
  }
  const made = Condition.safeParse(next);
  return made.success
    ? { ok: true, value: made.data }
    : { ok: false, message: made.error.issues[0]!.message };
}
