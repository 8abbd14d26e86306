import { listTerms } from "../../number/list-terms";
import { showNumber } from "../../number/show-number";
import { schema, type Z } from "../../schema";
import { condition, keepWhole, wholeText } from "./condition";

const First = schema((z) => wholeText(z, 0, 1_000_000));
const Above = schema((z) => wholeText(z, 1, 1_000_000));
const Times = schema((z) => wholeText(z, 2, 1000));
/** Nothing on a board is larger. */
const MAX = 1e15;

/** The terms of a sequence that rises, up to the first one from `to` on. */
function termsTo(to: number, first: readonly number[], next: (terms: readonly number[]) => number): number[] {
  const terms = [...first];
  while (terms.at(-1)! < to && terms.at(-1)! <= MAX) terms.push(next(terms));
  return terms;
}

/**
 * The parts that a sequence of whole numbers gives a condition: a number meets it if it is one of its terms. From its
 * second or third term on the sequence rises, so it is followed only as far as the number.
 */
const ofTerms = <C>(terms: (condition: C, to: number) => number[]) => ({
  whole: (condition: C) => {
    let known = terms(condition, 1000);
    let held = new Set(known);
    return (number: number): boolean => {
      if (number > known.at(-1)!) {
        known = terms(condition, number);
        held = new Set(known);
      }
      return held.has(number);
    };
  },
  next: (condition: C) => (from: number) =>
    [...terms(condition, from)].sort((a, b) => a - b).find((term) => term >= from) ?? null,
});

const shown = (terms: readonly number[], many: number) => listTerms(terms.slice(0, many).map(String));

/** The powers of a number, from 1 on: 1, 2, 4, 8, … of 2 (OEIS A000079). */
export const powers = condition({
  kind: "powers",
  family: "sequences",
  parts: (z: Z) => ({ of: Times(z) }),
  choices: [
    { value: "powers", label: "powers of", start: (old) => ({ of: keepWhole(old.of, 2, 1000, "2") }) },
  ],
  fields: [{ part: "of", label: "Powers of", number: "required" }],
  asks: "number",
  ...ofTerms(({ of }: { of: string }, to) => termsTo(to, [1], (terms) => terms.at(-1)! * Number(of))),
  noun: ({ of }) => `powers of ${showNumber(of)}`,
  verb: "are",
  predicate: ({ of }) => `powers of ${showNumber(of)}`,
  weight: 4,
  *offers({ numbers }) {
    for (let of = 2; of <= 12 && of * of <= numbers.at(-1)!; of += 1) yield { of: String(of) };
  },
});

const addedTerms = ({ first, second }: { first: string; second: string }, to: number) =>
  termsTo(
    Math.max(to, Number(first) + 1),
    [Number(first), Number(second)],
    (terms) => terms.at(-1)! + terms.at(-2)!,
  );
const isFibonacci = ({ first, second }: { first: string; second: string }) =>
  ["0 1", "1 1", "1 2"].includes(`${first} ${second}`);
const addedWords = (one: { first: string; second: string }) =>
  `${shown(addedTerms(one, 1e9), 5)}, each the sum of the two before it`;

/** Each number is the sum of the two before it, whichever the first two are: 1, 1, 2, 3, 5, … (OEIS A000045). */
export const added = condition({
  kind: "added",
  family: "sequences",
  parts: (z: Z) => ({ first: First(z), second: Above(z) }),
  choices: [
    {
      value: "added",
      label: "each the sum of the two before:",
      start: (old) => ({ first: keepWhole(old.first, 0, 1_000_000, "1"), second: "1" }),
    },
  ],
  fields: [
    { word: "beginning with" },
    { part: "first", label: "First", number: "required" },
    { part: "second", label: "Second", number: "required" },
  ],
  asks: "number",
  ...ofTerms(addedTerms),
  noun: (one) =>
    isFibonacci(one) ? `Fibonacci numbers: ${addedWords(one)}` : `numbers in the sequence ${addedWords(one)}`,
  verb: "are",
  predicate: (one) =>
    isFibonacci(one) ? `Fibonacci numbers: ${addedWords(one)}` : `in the sequence ${addedWords(one)}`,
  short: (one) => (isFibonacci(one) ? "Fibonacci numbers" : shown(addedTerms(one, 1e9), 5)),
  weight: 5,
  *offers({ shaded }) {
    yield { first: "1", second: "1" };
    const [first, second] = shaded;
    // Whichever of the two came first: 2, 1, 3, 4, … has 1 and 2 among its numbers too.
    if (first === undefined || second === undefined || first < 0 || second > 1_000_000) return;
    yield { first: String(first), second: String(second) };
    if (first > 0) yield { first: String(second), second: String(first) };
  },
});

const timesTerms = ({ first, times }: { first: string; times: string }, to: number) =>
  termsTo(to, [Number(first)], (terms) => terms.at(-1)! * Number(times));
const timesWords = (one: { first: string; times: string }) =>
  `${shown(timesTerms(one, 1e9), 4)}, each ${showNumber(one.times)} times the one before it`;

/** Each number is so many times the one before it: 3, 6, 12, 24, … */
export const geometric = condition({
  kind: "geometric",
  family: "sequences",
  parts: (z: Z) => ({ first: Above(z), times: Times(z) }),
  choices: [
    {
      value: "geometric",
      label: "in a sequence that multiplies:",
      start: (old) => ({
        first: keepWhole(old.first, 1, 1_000_000, "3"),
        times: keepWhole(old.of, 2, 1000, "2"),
      }),
    },
  ],
  fields: [
    { word: "from" },
    { part: "first", label: "First", number: "required" },
    { word: "times" },
    { part: "times", label: "Times", number: "required" },
  ],
  asks: "number",
  ...ofTerms(timesTerms),
  noun: (one) => `numbers in the sequence ${timesWords(one)}`,
  verb: "are",
  predicate: (one) => `in the sequence ${timesWords(one)}`,
  short: (one) => shown(timesTerms(one, 1e9), 4),
  weight: 5,
  *offers({ shaded }) {
    const [first, second] = shaded;
    if (first === undefined || second === undefined || first < 1) return;
    const times = second / first;
    if (Number.isInteger(times) && times <= 1000) yield { first: String(first), times: String(times) };
  },
});

type Growing = { first: string; gap: string; growth: string };

/**
 * A sequence with growing gaps by its formula: it has too many terms to list up to a large number.
 * @returns its term at an index, from 0, and the index of its first term that is not below a value
 */
function growingOf({ first, gap, growth }: Growing) {
  const [start, by, more] = [Number(first), Number(gap), Number(growth)];
  const term = (n: number): number => start + n * by + (more * n * (n - 1)) / 2;
  const indexOf = (value: number): number => {
    const half = by - more / 2;
    const about = (Math.sqrt(half * half + 2 * more * Math.max(0, value - start)) - half) / more;
    // A root in floating point may miss by one.
    let n = Math.max(0, Math.floor(about) - 1);
    while (term(n) < value) n += 1;
    return n;
  };
  return { term, indexOf };
}

const growingStart = (one: Growing) => shown([0, 1, 2, 3, 4].map(growingOf(one).term), 5);
const growingWords = (one: Growing) =>
  `${growingStart(one)}, where each gap is ${showNumber(one.growth)} more than the one before`;

/** The gaps grow by as much each time: 1, 2, 4, 7, 11, … Its second difference is always the same. */
export const growing = condition({
  kind: "growing",
  family: "sequences",
  parts: (z: Z) => ({ first: First(z), gap: wholeText(z, 0, 1_000_000), growth: wholeText(z, 1, 1_000_000) }),
  choices: [
    {
      value: "growing",
      label: "in a sequence whose gaps grow:",
      start: (old) => ({ first: keepWhole(old.first, 0, 1_000_000, "1"), gap: "1", growth: "1" }),
    },
  ],
  fields: [
    { word: "from" },
    { part: "first", label: "First", number: "required" },
    { word: "first gap" },
    { part: "gap", label: "First gap", number: "required" },
    { word: "then more by" },
    { part: "growth", label: "More each time", number: "required" },
  ],
  asks: "number",
  whole: (one) => {
    const { term, indexOf } = growingOf(one);
    return (number) => term(indexOf(number)) === number;
  },
  next: (one) => {
    const { term, indexOf } = growingOf(one);
    return (from) => term(indexOf(from));
  },
  noun: (one) => `numbers in the sequence ${growingWords(one)}`,
  verb: "are",
  predicate: (one) => `in the sequence ${growingWords(one)}`,
  short: growingStart,
  weight: 6,
  *offers({ shaded }) {
    const [a, b, c] = shaded;
    // Any three numbers have gaps that grow.
    if (a === undefined || b === undefined || c === undefined || shaded.length < 4 || a < 0) return;
    const [gap, growth] = [b - a, c - 2 * b + a];
    if (growth < 1 || c > 1_000_000) return;
    yield { first: String(a), gap: String(gap), growth: String(growth) };
    // Its first gap may be 0: 1, 1, 3, 7, 13, …
    yield { first: String(a), gap: "0", growth: String(gap) };
  },
});
