import * as z from "zod/mini";
import { exact, isMultiple } from "../../number/exact";
import { NumberText } from "../../number/number-schema";
import { showNumber } from "../../number/show-number";
import { Above0, condition, keepText, range, upTo } from "./condition";

const course = ({ by, from, to }: { by: string; from: string; to?: string | undefined }) =>
  `counting in ${showNumber(by)} from ${showNumber(from)}${upTo(to)}`;

/** The numbers that a count reaches. */
export const counting = condition({
  kind: "counting",
  parts: { by: Above0, from: NumberText, to: z.optional(NumberText) },
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
  test: ({ by, from, to }) => {
    const [size, start, within] = [exact(by), exact(from), range(from, to)];
    return (value) => within(value) && isMultiple(value.sub(start), size);
  },
  noun: course,
  verb: "are",
  predicate: (one) => `reached ${course(one)}`,
  example: (some) => ({ by: String(some.whole(1, 9)), from: String(some.whole(0, 9)) }),
});
