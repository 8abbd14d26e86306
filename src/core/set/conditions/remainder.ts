import { showNumber } from "../../number/show-number";
import type { Z } from "../../schema";
import { condition, keepWhole, upwards, wholeText } from "./condition";

const MAX_OF = 1000;
/** Candidates for a shading are all remainders for divisors up to this. */
const MAX_OFFERED = 12;

/** A multiple and some more, always as much: 2, 7, 12, 17, … are 2 more than a multiple of 5. */
export const remainder = condition({
  kind: "remainder",
  family: "multiples",
  parts: (z: Z) => ({ more: wholeText(z, 1, MAX_OF - 1), of: wholeText(z, 2, MAX_OF) }),
  fault: ({ more, of }) =>
    Number(more) < Number(of)
      ? null
      : `Write a number below ${showNumber(of)}: more makes the next multiple.`,
  choices: [
    {
      value: "remainder",
      label: "more than a multiple of",
      start: (old) => ({ more: "1", of: keepWhole(old.of ?? old.by, 2, MAX_OF, "5") }),
    },
  ],
  fields: [
    { part: "more", label: "How many more", number: "required", before: true },
    { part: "of", label: "More than a multiple of", number: "required" },
  ],
  asks: "number",
  whole: ({ more, of }) => {
    const [rest, size] = [Number(more), Number(of)];
    return (number) => (number - rest) % size === 0;
  },
  next: ({ more, of }) => {
    const [rest, size] = [Number(more), Number(of)];
    return (from) => Math.ceil((from - rest) / size) * size + rest + 0;
  },
  period: ({ of }) => of,
  noun: ({ more, of }) => `numbers that are ${showNumber(more)} more than a multiple of ${showNumber(of)}`,
  verb: "are",
  predicate: ({ more, of }) => `${showNumber(more)} more than a multiple of ${showNumber(of)}`,
  short: ({ more, of }) => `${showNumber(more)} more than ${showNumber(of)}s`,
  weight: 4,
  *offers({ shaded, gap }) {
    for (const of of upwards(3, MAX_OFFERED))
      for (const more of upwards(1, of - 1)) yield { more: String(more), of: String(of) };
    if (gap <= MAX_OFFERED || gap > MAX_OF) return;
    const more = ((shaded[0]! % gap) + gap) % gap;
    if (more > 0) yield { more: String(more), of: String(gap) };
  },
});
