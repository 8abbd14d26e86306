import { countDivisors, MAX_FACTORISED } from "../../number/factors";
import { remembered } from "../../number/remembered";
import type { Z } from "../../schema";
import { condition, keepWhole, upwards, wholeText } from "./condition";

const countFactors = remembered((number) => (number === 0 ? 0 : countDivisors(number)));

/** Numbers with a given number of factors, including 1 and themselves, up to 10¹². */
export const factorCount = condition({
  kind: "factor-count",
  family: "multiples",
  parts: (z: Z) => ({ is: wholeText(z, 1, 1000) }),
  choices: [
    {
      value: "factor-count",
      label: "this many factors:",
      start: (old) => ({ is: keepWhole(old.is, 1, 1000, "3") }),
    },
  ],
  fields: [{ part: "is", label: "How many factors", number: "required" }],
  asks: "number",
  whole: ({ is }) => {
    const wanted = Number(is);
    return (number) => number > 0 && number <= MAX_FACTORISED && countFactors(number) === wanted;
  },
  noun: ({ is }) => `numbers with exactly ${factorsOf(is)}`,
  nounNot: ({ is }) => `numbers that do not have exactly ${factorsOf(is)}`,
  verb: "have",
  predicate: ({ is }) => `exactly ${factorsOf(is)}`,
  short: ({ is }) => factorsOf(is),
  ownWords: [{ is: "1" }],
  weight: 6,
  offers: () => upwards(1, 16).map((is) => ({ is: String(is) })),
});

const factorsOf = (is: string) => (is === "1" ? "1 factor" : `${is} factors`);
