import type { Condition } from "@/core/set/rule";

/** The kinds of condition as a teacher chooses them: a digit is chosen with its place. */
export const KINDS = [
  { value: "multiples", label: "multiples of" },
  { value: "counting", label: "reached counting in" },
  { value: "even", label: "even" },
  { value: "odd", label: "odd" },
  { value: "square", label: "square numbers" },
  { value: "ones", label: "the ones digit" },
  { value: "tens", label: "the tens digit" },
  { value: "hundreds", label: "the hundreds digit" },
  { value: "between", label: "between" },
  { value: "less", label: "less than" },
  { value: "more", label: "more than" },
  { value: "ink", label: "marked in" },
  { value: "marked", label: "marked" },
  { value: "all", label: "on the board" },
] as const;
export type Kind = (typeof KINDS)[number]["value"];

export const kindOf = (condition: Condition): Kind =>
  condition.kind === "digit" ? condition.place : condition.kind;

/** A condition of a kind to begin from, with what can be kept of the one it replaces. */
export function conditionOf(kind: Kind, old: Condition): Condition {
  const { not } = old;
  const size = old.kind === "multiples" ? old.of : old.kind === "counting" ? old.by : "2";
  switch (kind) {
    case "multiples":
      return { kind, not, of: size };
    case "counting":
      return { kind, not, by: size, from: "1" };
    case "ones":
    case "tens":
    case "hundreds":
      return { kind: "digit", not, place: kind, digit: old.kind === "digit" ? old.digit : 4 };
    case "between":
      return { kind, not, from: "20", to: "40" };
    case "less":
    case "more":
      return { kind, not, than: old.kind === "less" || old.kind === "more" ? old.than : "50" };
    case "ink":
      return { kind, not, ink: "sun" };
    default:
      return { kind, not };
  }
}
