import { showNumber } from "../../number/show-number";
import { schema, type Z } from "../../schema";
import { condition, keepWhole, upwards, wholeText } from "./condition";

/** Candidates for a shading are factors of numbers up to this. */
const MAX_OFFERED = 1_000_000;
const MAX_FACTORS = 60;
const Large = schema((z) => wholeText(z, 1, 1_000_000_000_000));
const start = (old: Readonly<Record<string, unknown>>, first: string, second: string) => ({
  a: keepWhole(old.a ?? old.of, 1, 1_000_000, first),
  b: keepWhole(old.b, 1, 1_000_000, second),
});
const fields = [
  { part: "a", label: "Of", number: "required" },
  { word: "and" },
  { part: "b", label: "And of", number: "required" },
] as const;

/** Multiples that two numbers share. */
export const commonMultiples = condition({
  kind: "common-multiples",
  family: "multiples",
  parts: (z: Z) => ({ a: Large(z), b: Large(z) }),
  choices: [{ value: "common-multiples", label: "multiples of both", start: (old) => start(old, "4", "6") }],
  fields,
  asks: "number",
  whole: ({ a, b }) => {
    const [one, other] = [Number(a), Number(b)];
    return (number) => number % one === 0 && number % other === 0;
  },
  noun: ({ a, b }) => `multiples of both ${showNumber(a)} and ${showNumber(b)}`,
  verb: "are",
  predicate: ({ a, b }) => `multiples of both ${showNumber(a)} and ${showNumber(b)}`,
  weight: 3,
});

/** Factors that two numbers share. */
export const commonFactors = condition({
  kind: "common-factors",
  family: "multiples",
  parts: (z: Z) => ({ a: Large(z), b: Large(z) }),
  choices: [{ value: "common-factors", label: "factors of both", start: (old) => start(old, "12", "18") }],
  fields,
  asks: "number",
  whole: ({ a, b }) => {
    const [one, other] = [Number(a), Number(b)];
    return (number) => number > 0 && one % number === 0 && other % number === 0;
  },
  noun: ({ a, b }) => `factors of both ${showNumber(a)} and ${showNumber(b)}`,
  verb: "are",
  predicate: ({ a, b }) => `factors of both ${showNumber(a)} and ${showNumber(b)}`,
  weight: 4,
});

/** The numbers that divide one without a rest. */
export const factors = condition({
  kind: "factors",
  family: "multiples",
  parts: (z: Z) => ({ of: Large(z) }),
  choices: [
    {
      value: "factors",
      label: "factors of",
      start: (old) => ({ of: keepWhole(old.of, 1, 1_000_000_000_000, "24") }),
    },
  ],
  fields: [{ part: "of", label: "Factors of", number: "required" }],
  asks: "number",
  whole: ({ of }) => {
    const one = Number(of);
    return (number) => number > 0 && one % number === 0;
  },
  noun: ({ of }) => `factors of ${showNumber(of)}`,
  verb: "are",
  predicate: ({ of }) => `factors of ${showNumber(of)}`,
  weight: 3,
  *offers({ shaded }) {
    const last = shaded.at(-1);
    if (last === undefined || shaded[0]! < 1) return;
    // The least common multiple of all, or of all but one; or a multiple of the last one.
    const shared = leastMultiple(shaded);
    const strays =
      shaded.length > MAX_FACTORS ? [] : shaded.map((_, at) => leastMultiple(shaded.toSpliced(at, 1)));
    const of = upwards(1, 12).flatMap((times) => [shared * times, Math.min(...strays) * times, last * times]);
    for (const each of new Set(of)) if (each <= MAX_OFFERED) yield { of: String(each) };
  },
});

/** The least common multiple of some numbers; once it exceeds the bound of candidates, some multiple of it. */
const leastMultiple = (numbers: readonly number[]): number =>
  numbers.reduce(
    (multiple, number) =>
      multiple > MAX_OFFERED ? multiple : (multiple / common(multiple, number)) * number,
    1,
  );

const common = (a: number, b: number): number => (b === 0 ? a : common(b, a % b));
