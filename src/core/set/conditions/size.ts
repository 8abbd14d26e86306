import { exact } from "../../number/exact";
import { NumberText } from "../../number/number-schema";
import { showNumber } from "../../number/show-number";
import type { Z } from "../../schema";
import { condition, keepText, range, wholeRange } from "./condition";

/** From one number to another, both included. */
export const between = condition({
  kind: "between",
  family: "size",
  parts: (z: Z) => ({ from: NumberText(z), to: NumberText(z) }),
  choices: [{ value: "between", label: "between", start: () => ({ from: "20", to: "40" }) }],
  fields: [
    { part: "from", label: "From", number: "required" },
    { word: "and" },
    { part: "to", label: "To", number: "required" },
  ],
  asks: "number",
  test: ({ from, to }) => range(from, to),
  whole: ({ from, to }) => wholeRange(from, to),
  next: ({ from, to }) => {
    const [min, max] = [exact(from), exact(to)];
    return (at) => {
      const found = min.compare(at) > 0 ? Number(min.ceil()) : at;
      return max.compare(found) < 0 ? null : found;
    };
  },
  noun: ({ from, to }) => `numbers from ${showNumber(from)} to ${showNumber(to)}`,
  verb: "are",
  predicate: ({ from, to }) => `from ${showNumber(from)} to ${showNumber(to)}`,
  weight: 3,
  *offers({ shaded }) {
    if (shaded.length === 0) return;
    const [from, to] = [shaded[0]!, shaded.at(-1)!];
    if (from !== to) yield { from: String(from), to: String(to) };
  },
});

/** Below a number, or above it. */
const beyond = <const K extends "less" | "more">(kind: K, sign: 1 | -1) =>
  condition({
    kind,
    family: "size",
    parts: (z: Z) => ({ than: NumberText(z) }),
    choices: [{ value: kind, label: `${kind} than`, start: (old) => ({ than: keepText(old.than, "50") }) }],
    fields: [{ part: "than", label: "Than", number: "required" }],
    asks: "number",
    test: ({ than }) => {
      const bound = exact(than);
      return (value) => value.compare(bound) * sign > 0;
    },
    whole: ({ than }) => {
      const bound = exact(than);
      const edge = Number(sign > 0 ? bound.floor() : bound.ceil());
      return (number) => (number - edge) * sign > 0;
    },
    next: ({ than }) => {
      const bound = exact(than);
      return (at) => {
        if (sign > 0) return Math.max(at, Number(bound.floor()) + 1);
        return bound.compare(at) > 0 ? at : null;
      };
    },
    noun: ({ than }) => `numbers ${kind} than ${showNumber(than)}`,
    verb: "are",
    predicate: ({ than }) => `${kind} than ${showNumber(than)}`,
    weight: 3,
    *offers({ shaded }) {
      if (shaded.length === 0) return;
      const edge = sign < 0 ? shaded.at(-1)! + 1 : shaded[0]! - 1;
      // As a person would say it: less than 20, also where the last one is 18.
      const round = [5, 10].map((by) => (sign < 0 ? Math.ceil(edge / by) * by : Math.floor(edge / by) * by));
      for (const than of new Set([edge, ...round])) yield { than: String(than) };
    },
  });
export const less = beyond("less", -1);
export const more = beyond("more", 1);
