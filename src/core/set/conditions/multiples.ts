import { exact, isMultiple, keyOf } from "../../number/exact";
import { NumberText } from "../../number/number-schema";
import { showNumber } from "../../number/show-number";
import type { Z } from "../../schema";
import { Above0, condition, keepText, MIN_BOUNDED, range, upwards, wholeRange } from "./condition";

/** Candidates for a shading are multiples of every number up to this, and of a few of its own numbers. */
const MAX_OFFERED = 60;
const FEW = 8;
const MAX_UNITS = 20;

type Ends = { from?: string | undefined; to?: string | undefined };

function ends({ from, to }: Ends): string {
  if (from !== undefined && to !== undefined) return `, from ${showNumber(from)} to ${showNumber(to)}`;
  if (from !== undefined) return `, from ${showNumber(from)} on`;
  return to === undefined ? "" : `, up to ${showNumber(to)}`;
}

const noun = ({ of, ...within }: { of: string } & Ends) =>
  `${of === "1" ? "whole numbers" : `multiples of ${showNumber(of)}`}${ends(within)}`;

/** Multiples of a number, perhaps only from one number on or up to another. */
export const multiples = condition({
  kind: "multiples",
  family: "multiples",
  parts: (z: Z) => ({ of: Above0(z), from: z.optional(NumberText(z)), to: z.optional(NumberText(z)) }),
  choices: [
    {
      value: "multiples",
      label: "multiples of",
      start: (old) => ({ of: keepText(old.of ?? old.by, "2") }),
    },
  ],
  fields: [
    { part: "of", label: "Multiples of", number: "required" },
    { word: "from" },
    { part: "from", label: "From, optional", number: "optional" },
    { word: "to" },
    { part: "to", label: "To, optional", number: "optional" },
  ],
  asks: "number",
  test: ({ of, from, to }) => {
    const [unit, within] = [exact(of), range(from, to)];
    return (value) => within(value) && isMultiple(value, unit);
  },
  whole: ({ of, from, to }) => {
    const unit = exact(of);
    // A whole number is a multiple of 3/4 where it is one of 3.
    const [size, within] = [Number(unit.n), wholeRange(from, to)];
    return (number) => number % size === 0 && within(number);
  },
  next: ({ of, from, to }) => {
    const size = Number(exact(of).n);
    const [min, max] = [from === undefined ? null : exact(from), to === undefined ? null : exact(to)];
    return (at) => {
      const start = min && min.compare(at) > 0 ? Number(min.ceil()) : at;
      // Rounded up from below 0, nought has a sign.
      const found = Math.ceil(start / size) * size + 0;
      return max && max.compare(found) < 0 ? null : found;
    };
  },
  period: ({ of, from, to }) => (from === undefined && to === undefined ? of : null),
  noun,
  verb: "are",
  predicate: noun,
  short: noun,
  ownWords: [{ of: "1" }],
  weight: 2,
  *offers({ numbers, shaded, divisor, unit, allDivisor }) {
    // On a chart of tenths: multiples of two, three and more of its tenths.
    if (unit !== null)
      for (const many of upwards(2, MAX_UNITS)) yield { of: keyOf(exact(unit).mul(many).abs()) };
    const largest = numbers.at(-1)!;
    // On a chart of tens the multiples of 4 are those of 20, and a class says 20.
    const small = upwards(1, MAX_OFFERED).map((many) => many * allDivisor);
    // A pattern of large multiples begins with the number itself.
    const large = [divisor, ...shaded.slice(0, FEW)].filter(
      (number) => number > MAX_OFFERED * allDivisor && number % allDivisor === 0,
    );
    const own = [...small.filter((of) => of >= 2 && of <= largest), ...new Set(large)];
    for (const of of own) yield { of: String(of) };
    if (shaded.length < MIN_BOUNDED) return;
    if (divisor > 1 && shaded[0]! > divisor) yield { of: String(divisor), from: String(shaded[0]) };
    if (divisor > 1 && shaded.at(-1)! + divisor <= largest)
      yield { of: String(divisor), to: String(shaded.at(-1)) };
  },
});
