import type { Z } from "../../schema";
import { condition } from "./condition";

type Pair = {
  label: string;
  noun: string;
  test: (tens: number, ones: number) => boolean;
};
const PAIRS = {
  equal: {
    label: "two equal digits",
    noun: "two-digit numbers with two equal digits",
    test: (tens, ones) => tens === ones,
  },
  "ones-larger": {
    label: "two digits, the ones digit larger than the tens digit",
    noun: "two-digit numbers whose ones digit is larger than the tens digit",
    test: (tens, ones) => ones > tens,
  },
  "tens-larger": {
    label: "two digits, the tens digit larger than the ones digit",
    noun: "two-digit numbers whose tens digit is larger than the ones digit",
    test: (tens, ones) => tens > ones,
  },
  "ones-twice": {
    label: "two digits, the ones digit twice the tens digit",
    noun: "two-digit numbers whose ones digit is twice the tens digit",
    test: (tens, ones) => ones === 2 * tens,
  },
  "tens-twice": {
    label: "two digits, the tens digit twice the ones digit",
    noun: "two-digit numbers whose tens digit is twice the ones digit",
    test: (tens, ones) => tens === 2 * ones,
  },
} as const satisfies Record<string, Pair>;
const PAIR_NAMES = ["equal", "ones-larger", "tens-larger", "ones-twice", "tens-twice"] as const;

/** How the digits of a number from 10 to 99 compare. */
export const digitPair = condition({
  kind: "digit-pair",
  family: "digits",
  parts: (z: Z) => ({ is: z.enum(PAIR_NAMES) }),
  choices: PAIR_NAMES.map((is) => ({ value: is, label: PAIRS[is].label, start: () => ({ is }) })),
  fields: [],
  asks: "number",
  whole: ({ is }) => {
    const { test } = PAIRS[is];
    return (number) => {
      const size = Math.abs(number);
      return size > 9 && size < 100 && test(Math.floor(size / 10), size % 10);
    };
  },
  noun: ({ is }) => PAIRS[is].noun,
  verb: "have",
  predicate: ({ is }) => PAIRS[is].label,
  weight: 5,
  offers: () => PAIR_NAMES.map((is) => ({ is })),
});
