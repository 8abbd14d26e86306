import { exact } from "../../number/exact";
import { NumberText } from "../../number/number-schema";
import { showNumber } from "../../number/show-number";
import { condition, keepText, range } from "./condition";

/** From one number to another, both included. */
export const between = condition({
  kind: "between",
  parts: { from: NumberText, to: NumberText },
  choices: [{ value: "between", label: "between", start: () => ({ from: "20", to: "40" }) }],
  fields: [
    { part: "from", label: "From", number: "required" },
    { word: "and" },
    { part: "to", label: "To", number: "required" },
  ],
  asks: "number",
  test: ({ from, to }) => range(from, to),
  noun: ({ from, to }) => `numbers from ${showNumber(from)} to ${showNumber(to)}`,
  verb: "are",
  predicate: ({ from, to }) => `from ${showNumber(from)} to ${showNumber(to)}`,
  example: (some) => ({ from: String(some.whole(1, 15)), to: String(some.whole(15, 30)) }),
});

/** Below a number, or above it. */
const beyond = <const K extends "less" | "more">(kind: K, sign: 1 | -1) =>
  condition({
    kind,
    parts: { than: NumberText },
    choices: [{ value: kind, label: `${kind} than`, start: (old) => ({ than: keepText(old.than, "50") }) }],
    fields: [{ part: "than", label: "Than", number: "required" }],
    asks: "number",
    test: ({ than }) => {
      const bound = exact(than);
      return (value) => value.compare(bound) * sign > 0;
    },
    noun: ({ than }) => `numbers ${kind} than ${showNumber(than)}`,
    verb: "are",
    predicate: ({ than }) => `${kind} than ${showNumber(than)}`,
    example: (some) => ({ than: String(some.whole(1, 30)) }),
  });
export const less = beyond("less", -1);
export const more = beyond("more", 1);
