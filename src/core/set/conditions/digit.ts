import { digitAt } from "../../number/digits";
import type { Z } from "../../schema";
import { condition, upwards } from "./condition";

const PLACES = ["ones", "tens", "hundreds"] as const;

/** A digit at one of its places. */
export const digit = condition({
  kind: "digit",
  family: "digits",
  parts: (z: Z) => ({ place: z.enum(PLACES), digit: z.int().check(z.minimum(0), z.maximum(9)) }),
  choices: PLACES.map((place) => ({
    value: place,
    label: `the ${place} digit`,
    start: (old) => ({ place, digit: typeof old.digit === "number" ? old.digit : 4 }),
  })),
  fields: [{ part: "digit", label: "Digit", oneOf: [0, 1, 2, 3, 4, 5, 6, 7, 8, 9] }],
  asks: "number",
  test:
    ({ place, digit: is }) =>
    (value) =>
      digitAt(value, place) === is,
  whole: ({ place, digit: is }) => {
    const power = 10 ** PLACES.indexOf(place);
    return (number) => {
      const rest = Math.floor(Math.abs(number) / power);
      return rest % 10 === is && (rest > 0 || power === 1);
    };
  },
  period: ({ place }) => (place === "ones" ? "10" : null),
  noun: ({ place, digit: is }) => `numbers whose ${place} digit is ${is}`,
  nounNot: ({ place, digit: is }) => `numbers whose ${place} digit is not ${is}`,
  short: ({ place, digit: is }) => `${place} digit is ${is}`,
  verb: "have",
  predicate: ({ place, digit: is }) => `the ${place} digit ${is}`,
  weight: 3,
  *offers({ numbers }) {
    const max = Math.max(numbers.at(-1)!, -numbers[0]!);
    for (const [i, place] of PLACES.entries())
      if (max >= 10 ** i || i === 0) for (const each of upwards(0, 9)) yield { place, digit: each };
  },
});
