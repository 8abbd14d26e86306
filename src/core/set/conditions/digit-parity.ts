import { digitsOfWhole } from "../../number/digits";
import type { Z } from "../../schema";
import { condition } from "./condition";

const WHICH = ["tens", "all", "sum"] as const;
const PARITIES = ["even", "odd"] as const;

type Kind = {
  label: string;
  noun: (parity: string) => string;
  predicate: (parity: string) => string;
  test: (digits: readonly number[], isOne: (digit: number) => boolean) => boolean;
};
const KINDS: Record<(typeof WHICH)[number], Kind> = {
  tens: {
    label: "a tens digit that is",
    noun: (parity) => `numbers whose tens digit is ${parity}`,
    predicate: (parity) => `a tens digit that is ${parity}`,
    test: (digits, isOne) => digits.length > 1 && isOne(digits.at(-2)!),
  },
  all: {
    label: "only digits that are",
    noun: (parity) => `numbers whose digits are all ${parity}`,
    predicate: (parity) => `only ${parity} digits`,
    test: (digits, isOne) => digits.every(isOne),
  },
  sum: {
    label: "a digit sum that is",
    noun: (parity) => `numbers whose digits add up to an ${parity} number`,
    predicate: (parity) => `digits that add up to an ${parity} number`,
    test: (digits, isOne) => isOne(digits.reduce((sum, digit) => sum + digit, 0)),
  },
};

/** Whether digits, or their sum, are even or odd. */
export const digitParity = condition({
  kind: "digit-parity",
  family: "digits",
  parts: (z: Z) => ({ which: z.enum(WHICH), parity: z.enum(PARITIES) }),
  choices: WHICH.map((which) => ({
    value: `${which}-parity`,
    label: KINDS[which].label,
    start: ({ parity }) => ({ which, parity: PARITIES.find((one) => one === parity) ?? "even" }),
  })),
  fields: [{ part: "parity", label: "Even or odd", oneOf: PARITIES }],
  asks: "number",
  whole: ({ which, parity }) => {
    const { test } = KINDS[which];
    const rest = PARITIES.indexOf(parity);
    return (number) => test(digitsOfWhole(number), (digit) => digit % 2 === rest);
  },
  noun: ({ which, parity }) => KINDS[which].noun(parity),
  verb: "have",
  predicate: ({ which, parity }) => KINDS[which].predicate(parity),
  weight: 4,
  offers: () => WHICH.flatMap((which) => PARITIES.map((parity) => ({ which, parity }))),
});
