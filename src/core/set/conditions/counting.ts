import { countedIn } from "../../number/counted-in";
import { type Exact, exact, isMultiple } from "../../number/exact";
import { NumberText } from "../../number/number-schema";
import { showNumber } from "../../number/show-number";
import type { Z } from "../../schema";
import { Above0, condition, keepText, MIN_BOUNDED, range, upTo } from "./condition";

const course = ({ by, from, to }: { by: string; from: string; to?: string | undefined }) =>
  `counting in ${countedIn(by)} from ${showNumber(from)}${upTo(to)}`;

const isReached = (by: string, from: string, to: string | undefined) => {
  const [size, start, within] = [exact(by), exact(from), range(from, to)];
  return (value: Exact) => within(value) && isMultiple(value.sub(start), size);
};

/** The numbers that a count reaches. */
export const counting = condition({
  kind: "counting",
  family: "multiples",
  parts: (z: Z) => ({ by: Above0(z), from: NumberText(z), to: z.optional(NumberText(z)) }),
  choices: [
    {
      value: "counting",
      label: "reached counting in",
      start: (old) => ({ by: keepText(old.by ?? old.of, "2"), from: "1" }),
    },
  ],
  fields: [
    { part: "by", label: "Counting in", number: "required" },
    { word: "from" },
    { part: "from", label: "From", number: "required" },
    { word: "to" },
    { part: "to", label: "To, optional", number: "optional" },
  ],
  asks: "number",
  test: ({ by, from, to }) => isReached(by, from, to),
  whole: ({ by, from, to }) => {
    const [size, start] = [Number(by), Number(from)];
    if (
      !Number.isInteger(size) ||
      !Number.isInteger(start) ||
      (to !== undefined && !Number.isInteger(Number(to)))
    ) {
      const reaches = isReached(by, from, to);
      return (number) => reaches(exact(number));
    }
    const last = to === undefined ? Number.POSITIVE_INFINITY : Number(to);
    return (number) => number >= start && number <= last && (number - start) % size === 0;
  },
  // A count has a beginning; after that it goes on for ever.
  period: ({ by, to }) => (to === undefined ? by : null),
  noun: (one) => `numbers reached ${course(one)}`,
  verb: "are",
  predicate: (one) => `reached ${course(one)}`,
  short: course,
  weight: 4.5,
  *offers({ shaded, gap, numbers }) {
    if (gap === 0) return;
    const [from, by] = [String(shaded[0]), String(gap)];
    yield { by, from };
    const last = shaded.at(-1)!;
    if (shaded.length >= MIN_BOUNDED && last + gap <= numbers.at(-1)!) yield { by, from, to: String(last) };
  },
});
