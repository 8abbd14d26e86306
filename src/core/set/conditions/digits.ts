import { digitsOfWhole } from "../../number/digits";
import { remembered } from "../../number/remembered";
import { showNumber } from "../../number/show-number";
import type { Z } from "../../schema";
import { condition, keepWhole, wholeText } from "./condition";

const MAKES = {
  sum: {
    label: "digits that add up to",
    of: (digits: readonly number[]) => digits.reduce((sum, digit) => sum + digit, 0),
    noun: (is: string) => `numbers whose digits add up to ${is}`,
    nounNot: (is: string) => `numbers whose digits do not add up to ${is}`,
    predicate: (is: string) => `digits that add up to ${is}`,
  },
  product: {
    label: "digits that multiply to",
    of: (digits: readonly number[]) =>
      digits.length < 2 ? null : digits.reduce((product, digit) => product * digit, 1),
    noun: (is: string) => `numbers whose digits multiply to ${is}`,
    nounNot: (is: string) => `numbers whose digits do not multiply to ${is}`,
    predicate: (is: string) => `digits that multiply to ${is}`,
  },
  difference: {
    label: "two digits that differ by",
    of: (digits: readonly number[]) => (digits.length === 2 ? Math.abs(digits[0]! - digits[1]!) : null),
    noun: (is: string) => `two-digit numbers whose digits differ by ${is}`,
    nounNot: undefined,
    predicate: (is: string) => `two digits that differ by ${is}`,
  },
} as const;
const HOW = ["sum", "product", "difference"] as const;
const madeBy = (make: (typeof HOW)[number]) =>
  remembered((size): number | null => MAKES[make].of(digitsOfWhole(size)));
const MADE = { sum: madeBy("sum"), product: madeBy("product"), difference: madeBy("difference") };
/** The product of fifteen nines: more than anybody asks for. */
const MAX_MADE = 1_000_000;

/** The sum, product or difference of the digits of a whole number, ignoring its sign. */
export const digits = condition({
  kind: "digits",
  family: "digits",
  parts: (z: Z) => ({ make: z.enum(HOW), is: wholeText(z, 0, MAX_MADE) }),
  choices: HOW.map((make) => ({
    value: `digits-${make}`,
    label: MAKES[make].label,
    start: (old) => ({ make, is: keepWhole(old.is, 0, MAX_MADE, make === "difference" ? "3" : "9") }),
  })),
  fields: [{ part: "is", label: "Make", number: "required" }],
  asks: "number",
  whole: ({ make, is }) => {
    const [made, wanted] = [MADE[make], Number(is)];
    return (number) => made(Math.abs(number)) === wanted;
  },
  noun: ({ make, is }) => MAKES[make].noun(showNumber(is)),
  nounNot: (one) => {
    const { nounNot, predicate } = MAKES[one.make];
    return nounNot?.(showNumber(one.is)) ?? `numbers that do not have ${predicate(showNumber(one.is))}`;
  },
  verb: "have",
  predicate: ({ make, is }) => MAKES[make].predicate(showNumber(is)),
  weight: 5,
  *offers({ numbers }) {
    const made = new Set<string>();
    for (const make of HOW) {
      made.clear();
      for (const number of numbers) {
        const is = MADE[make](Math.abs(number));
        if (is !== null && is <= MAX_OFFERED) made.add(String(is));
      }
      for (const is of made) yield { make, is };
    }
  },
});
/** Candidates for a shading have sums and products up to this. */
const MAX_OFFERED = 81;
