import * as z from "zod/mini";
import { exact, isMultiple } from "../../number/exact";
import { NumberText } from "../../number/number-schema";
import { showNumber } from "../../number/show-number";
import { Above0, condition, keepText, range } from "./condition";

type Ends = { from?: string | undefined; to?: string | undefined };

function ends({ from, to }: Ends): string {
  if (from !== undefined && to !== undefined) return `, from ${showNumber(from)} to ${showNumber(to)}`;
  if (from !== undefined) return `, from ${showNumber(from)} on`;
  return to === undefined ? "" : `, up to ${showNumber(to)}`;
}

const noun = ({ of, ...within }: { of: string } & Ends) => `multiples of ${showNumber(of)}${ends(within)}`;

/** Multiples of a number, perhaps only from one number on or up to another. */
export const multiples = condition({
  kind: "multiples",
  parts: { of: Above0, from: z.optional(NumberText), to: z.optional(NumberText) },
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
  noun,
  verb: "are",
  predicate: noun,
  example: (some) => ({ of: String(some.whole(1, 9)) }),
});
