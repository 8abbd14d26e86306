import { type Exact, exact, isWhole, keyOf, type NumberKey } from "../number/exact";
import { asFractions, isFraction } from "../number/fraction-text";
import { showNumber } from "../number/show-number";
import { CONDITIONS } from "../set/conditions";
import { conditionBits } from "../set/description-length";
import { membersFrom } from "../set/members";
import { type AnyConditionKind, type Condition, ruleOf, wholeTestOf } from "../set/rule";
import { ruleWords } from "../set/rule-words";

/** One rule by which a sequence may continue. */
export type Continued = {
  /** The rule in words: "2 more each time". */
  readonly words: string;
  readonly next: readonly NumberKey[];
  /** Its description length in bits: simple rules come first. */
  readonly bits: number;
};

/** Minimum and maximum number of given terms. */
export const MIN_TERMS = 2;
export const MAX_TERMS = 12;
const MANY_NEXT = 3;
const MAX_WAYS = 8;
/** Members of a rule are searched for up to this number. */
const MAX_LOOKED = 100_000;

/** A rule, and the numbers that it predicts next. */
type Way = { words: string; bits: number; after: (terms: readonly Exact[]) => Exact };

/** How numbers are written and measured beside those that were given. */
type Say = {
  readonly write: (value: Exact) => string;
  /** The size of a number, without its sign. */
  readonly text: (value: Exact) => string;
  /** "3 more", "3 less". */
  readonly step: (value: Exact) => string;
  /** What it costs to say a difference: 20, 30, 50 is as simple as 2, 3, 5. */
  readonly bits: (value: Exact) => number;
};

/** How the numbers of a sequence are written: in fractions if some of those given are. */
export const termWriter = (given: readonly NumberKey[]): ((number: NumberKey) => string) =>
  given.some(isFraction) ? asFractions : showNumber;

function sayAs(given: readonly NumberKey[], terms: readonly Exact[]): Say {
  const writeKey = termWriter(given);
  const write = (value: Exact) => writeKey(keyOf(value));
  const common = terms.reduce((sum, term) => sum.gcd(term), exact(0));
  const unit = common.n === 0n ? exact(1) : common;
  const text = (value: Exact) => write(value.abs());
  return {
    write,
    text,
    step: (value) => `${text(value)} ${value.s < 0n ? "less" : "more"}`,
    bits: (value) => bitsOf(value.div(unit)),
  };
}

/**
 * All simple ways in which a sequence may go on that begins with these numbers, the simplest first. Some beginnings have
 * several: 2, 4, 8 goes on with 16, 14 or 10. Ways that give the same next numbers are one, said as simply as can be.
 * @param given two to twelve numbers, as they were written
 */
export function continuedFrom(given: readonly NumberKey[]): Continued[] {
  const terms = given.map((term) => exact(term));
  if (terms.length < MIN_TERMS || terms.length > MAX_TERMS) return [];
  const say = sayAs(given, terms);
  const bySteps = [
    steady,
    times,
    timesMore,
    growing,
    added,
    inTurn,
    timesAndMore,
    addingAndTimes("adding"),
    addingAndTimes("times"),
    overAndOver,
  ]
    .flatMap((way) => way(terms, say) ?? [])
    .map(({ words, bits, after }) => ({ words, bits, next: goOn(terms, after) }));
  const all = [...bySteps, ...asMembers(terms)].sort((a, b) => a.bits - b.bits);
  const seen = new Set<string>();
  const different = all.filter(({ next }) => {
    const key = next.join();
    if (next.length < MANY_NEXT || seen.has(key)) return false;
    seen.add(key);
    return true;
  });
  return different.slice(0, MAX_WAYS);
}

function goOn(terms: readonly Exact[], after: Way["after"]): NumberKey[] {
  const all = [...terms];
  for (let i = 0; i < MANY_NEXT; i += 1) all.push(after(all));
  return all.slice(terms.length).map(keyOf);
}

const last = (terms: readonly Exact[], back = 1): Exact => terms[terms.length - back]!;
const gaps = (terms: readonly Exact[]): Exact[] => terms.slice(1).map((term, i) => term.sub(terms[i]!));
const allSame = (values: readonly Exact[]): boolean => values.every((value) => value.equals(values[0]!));
const bitsOf = (value: Exact): number =>
  Math.log2(Number(value.n) + 1) + (isWhole(value) ? 0 : Math.log2(Number(value.d) + 1));

function steady(terms: readonly Exact[], { step, bits }: Say): Way | null {
  const [gap] = gaps(terms) as [Exact];
  if (!allSame(gaps(terms))) return null;
  const words = gap.n === 0n ? "always the same" : `${step(gap)} each time`;
  return { words, bits: 2 + bits(gap), after: (all) => last(all).add(gap) };
}

function times(terms: readonly Exact[], { text }: Say): Way | null {
  if (terms.some(({ n }) => n === 0n)) return null;
  const ratios = terms.slice(1).map((term, i) => term.div(terms[i]!));
  const [ratio] = ratios as [Exact];
  if (!allSame(ratios) || ratio.equals(1)) return null;
  const inverse = exact(1).div(ratio);
  const words = isWhole(inverse)
    ? inverse.equals(2)
      ? "half of the one before each time"
      : `the one before divided by ${text(inverse)} each time`
    : `${keyOf(ratio).startsWith("-") ? "−" : ""}${text(ratio)} times the one before`;
  return { words, bits: 3 + bitsOf(ratio), after: (all) => last(all).mul(ratio) };
}

/** Each time one more times as much, or two more: 1, 2, 6, 24 … */
function timesMore(terms: readonly Exact[], { text }: Say): Way | null {
  if (terms.length < 3 || terms.some(({ n }) => n === 0n)) return null;
  const ratios = terms.slice(1).map((term, i) => term.div(terms[i]!));
  const growth = gaps(ratios);
  const [grow] = growth as [Exact];
  if (!ratios.every(isWhole) || ratios[0]!.compare(1) < 0 || grow.compare(0) <= 0 || !allSame(growth))
    return null;
  return {
    words: `${ratios.map((ratio) => `${text(ratio)} times as much`).join(", then ")}, …`,
    bits: 7 + bitsOf(grow),
    after: (all) => last(all).mul(last(all).div(last(all, 2)).add(grow)),
  };
}

function growing(terms: readonly Exact[], { text, step, bits }: Say): Way | null {
  const growth = gaps(gaps(terms));
  if (growth.length === 0 || !allSame(growth) || growth[0]!.n === 0n) return null;
  const [grow, first] = [growth[0]!, gaps(terms)];
  // 10 less, then 9 less: these gaps shrink.
  const shrinks = first.every(({ s }) => s < 0n) ? grow.s > 0n : grow.s < 0n;
  const by = `${shrinks ? "shrink" : "grow"} by ${text(grow)}`;
  return {
    words: `the gaps ${by}: ${first.map(step).join(", ")}, …`,
    bits: 5 + bits(grow),
    after: (all) =>
      last(all)
        .add(last(all).sub(last(all, 2)))
        .add(grow),
  };
}

function added(terms: readonly Exact[]): Way | null {
  if (terms.length < 3) return null;
  const fits = terms.every((term, i) => i < 2 || term.equals(terms[i - 1]!.add(terms[i - 2]!)));
  return fits
    ? { words: "each the sum of the two before", bits: 5, after: (all) => last(all).add(last(all, 2)) }
    : null;
}

function inTurn(terms: readonly Exact[], { step, bits }: Say): Way | null {
  const all = gaps(terms);
  const [odd, even] = [all.filter((_, i) => i % 2 === 0), all.filter((_, i) => i % 2 === 1)];
  if (all.length < 2 || !allSame(odd) || !allSame(even) || odd[0]!.equals(even[0]!)) return null;
  const [one, other] = [odd[0]!, even[0]!];
  return {
    words: `${step(one)}, then ${step(other)}, in turn`,
    bits: 6 + bits(one) + bits(other),
    after: (so) => last(so).add(so.length % 2 === 1 ? one : other),
  };
}

function timesAndMore(terms: readonly Exact[], { text, step, bits }: Say): Way | null {
  const [a, b, c] = terms;
  if (!a || !b || !c || a.equals(b)) return null;
  const by = c.sub(b).div(b.sub(a));
  const more = b.sub(a.mul(by));
  const isPlain = isWhole(by) && isWhole(more) && by.compare(2) >= 0 && more.n !== 0n;
  const fits = terms.every((term, i) => i === 0 || term.equals(terms[i - 1]!.mul(by).add(more)));
  return isPlain && fits
    ? {
        words: `${text(by)} times the one before and ${step(more)}`,
        bits: 7 + bitsOf(by) + bits(more),
        after: (all) => last(all).mul(by).add(more),
      }
    : null;
}

/** Adding and multiplying by the same number in turn, either first: 2, 4, 8, 10, 20, …; 3, 6, 8, 16, 18, … */
const addingAndTimes =
  (first: "adding" | "times") =>
  (terms: readonly Exact[], { text, step, bits }: Say): Way | null => {
    const [a, b, c] = terms;
    const [before, multiplied] = first === "adding" ? [b, c] : [a, b];
    if (!a || !b || !c || !before || !multiplied || before.n === 0n) return null;
    const [more, by] = [first === "adding" ? b.sub(a) : c.sub(b), multiplied.div(before)];
    const isPlain = isWhole(more) && isWhole(by) && by.compare(2) >= 0 && more.n !== 0n;
    const adds = (done: number) => (done % 2 === 1) === (first === "adding");
    const next = (all: readonly Exact[]) => (adds(all.length) ? last(all).add(more) : last(all).mul(by));
    const fits = terms.every((term, i) => i === 0 || term.equals(next(terms.slice(0, i))));
    if (!isPlain || !fits) return null;
    const said = [step(more), `${text(by)} times as much`];
    if (first === "times") said.reverse();
    return { words: `${said.join(", then ")}, in turn`, bits: 8 + bits(more) + bitsOf(by), after: next };
  };

function overAndOver(terms: readonly Exact[], { write }: Say): Way | null {
  for (let long = 2; long < terms.length; long += 1) {
    if (!terms.every((term, i) => i < long || term.equals(terms[i - long]!))) continue;
    return {
      words: `over and over: ${terms.slice(0, long).map(write).join(", ")}`,
      bits: 4 + 2 * long,
      after: (all) => last(all, long),
    };
  }
  return null;
}

/**
 * Kinds that hold only a few numbers and so cannot continue a sequence; and sequences, which are handled here
 * separately.
 */
const NOT_MEMBERS: readonly string[] = ["picked", "factors", "added", "geometric", "growing"];

/** Rules whose consecutive members these are: 2, 3, 5 are prime numbers. */
function asMembers(terms: readonly Exact[]): Continued[] {
  const values = terms.map((term) => Number(keyOf(term)));
  const rises = values.every((value, i) => i === 0 || value > values[i - 1]!);
  if (!rises || !terms.every(isWhole) || values[0]! < 0 || values.at(-1)! > MAX_LOOKED) return [];
  const clues = {
    all: values.map(String),
    unit: null,
    allDivisor: 1,
    numbers: values,
    shaded: values,
    divisor: 0,
    gap: 0,
    squares: null,
  };
  const kinds = CONDITIONS as unknown as readonly AnyConditionKind[];
  const conditions = kinds.flatMap(({ kind, family, offers }) =>
    offers && !NOT_MEMBERS.includes(kind) && family !== "size"
      ? [...offers(clues)].map((parts) => ({ kind, not: false, ...parts }) as Condition)
      : [],
  );
  return conditions.flatMap((condition) => {
    if (!values.every(wholeTestOf(condition))) return [];
    const { found } = membersFrom(ruleOf(condition), values[0]!, values.length + MANY_NEXT);
    if (!values.every((value, i) => found[i] === value)) return [];
    const words = `${ruleWords(ruleOf(condition))}, one after the other`;
    return [{ words, bits: conditionBits(condition), next: found.slice(values.length).map(String) }];
  });
}
