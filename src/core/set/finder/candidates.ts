import { exact } from "../../number/exact";
import { CONDITIONS } from "../conditions";
import { conditionBits } from "../description-length";
import { type AnyConditionKind, type Condition, kindOf, testOf } from "../rule";
import { type Bitset, emptyBits, hashOf, ones, sameBits, setBit } from "./bitset";
import type { Ground } from "./shading";

/** A condition that may explain a shading, its cost, and which of the known numbers meet it. */
export type Candidate = { readonly condition: Condition; readonly bits: number; readonly held: Bitset };

/** The conditions that all kinds offer for a shading. */
export function offered({ clues }: Ground): Condition[] {
  const kinds = CONDITIONS as unknown as readonly AnyConditionKind[];
  const found = new Map<string, Condition>();
  for (const each of clues) {
    for (const { kind, offers } of kinds) {
      for (const parts of offers?.(each) ?? []) {
        let text: string = kind;
        // All of them share the squares of the chart.
        for (const part of Object.values(parts)) if (part !== each.squares) text += ` ${part}`;
        if (!found.has(text)) found.set(text, { kind, not: false, ...parts } as Condition);
      }
    }
  }
  return [...found.values()];
}

/** Tells, word by word of what a condition holds, whether that can no longer be of use. */
type OfNoUse = (word: number, held: number) => boolean;

/** Which of the known numbers meet a condition. It stops, and gives null, as soon as that is of no use. */
function heldBy(ground: Ground, condition: Condition, isOfNoUse: OfNoUse): Bitset | null {
  const { numbers, wholes } = ground;
  const { few, whole } = kindOf(condition);
  const listed = wholes && few?.(condition);
  if (listed) {
    const bits = emptyBits(numbers.length);
    for (const number of listed) {
      const at = placesOf(ground).get(number);
      if (at !== undefined) setBit(bits, at);
    }
    return bits.some((held, word) => isOfNoUse(word, held)) ? null : bits;
  }
  // A kind defined for whole numbers only is not asked about others.
  if (wholes && whole) return bitsBy(wholes, whole(condition), isOfNoUse);
  const meets = testOf(condition);
  return bitsBy(exactOf(ground), (value) => meets(value, 0), isOfNoUse);
}

/** A tight loop, word by word: this is where a search spends its time. */
function bitsBy<T>(values: readonly T[], meets: (value: T) => boolean, isOfNoUse: OfNoUse): Bitset | null {
  const bits = emptyBits(values.length);
  for (let word = 0, at = 0; word < bits.length; word += 1) {
    let held = 0;
    const end = Math.min(32, values.length - at);
    for (let bit = 0; bit < end; bit += 1, at += 1) if (meets(values[at]!)) held |= 1 << bit;
    bits[word] = held;
    if (isOfNoUse(word, held)) return null;
  }
  return bits;
}

/**
 * Tells, word by word of what a condition holds, when it can no longer be part of an answer without exceptions, nor be
 * one by itself with at most `max`: it holds too much and too little, and so does its opposite.
 */
function uselessFor({ wanted, numbers }: Ground, max: number): OfNoUse {
  const over = numbers.length % 32;
  const lastWord = over === 0 ? -1 : (1 << over) - 1;
  let [lacks, exceeds, hits, leaves] = [0, 0, 0, 0];
  return (word, held) => {
    const want = wanted[word]!;
    const known = word === wanted.length - 1 ? lastWord : -1;
    lacks += ones(want & ~held);
    exceeds += ones(held & ~want);
    hits += ones(want & held);
    leaves += ones(known & ~want & ~held);
    if (lacks === 0 || exceeds === 0 || hits === 0 || leaves === 0) return false;
    return lacks + exceeds > max && hits + leaves > max;
  };
}

const places = new WeakMap<Ground, ReadonlyMap<number, number>>();
/** Where each whole number stands among the known ones. */
function placesOf(ground: Ground): ReadonlyMap<number, number> {
  const known = places.get(ground) ?? new Map(ground.wholes?.map((number, at) => [number, at]));
  places.set(ground, known);
  return known;
}

const exacts = new WeakMap<Ground, readonly ReturnType<typeof exact>[]>();
function exactOf(ground: Ground) {
  const known = exacts.get(ground) ?? ground.numbers.map((number) => exact(number));
  exacts.set(ground, known);
  return known;
}

/**
 * The candidates that can explain a shading, the simplest first: those that hold exactly what is wanted, alone or joined
 * with others, and those that nearly do, with at most `max` exceptions. Most conditions are seen not to after a few
 * numbers. Yields between conditions, so that a search can be cancelled.
 */
export function* candidatesOf(
  ground: Ground,
  conditions: readonly Condition[],
  max: number,
): Generator<void, Candidate[]> {
  const found: Candidate[] = [];
  for (const condition of conditions) {
    const held = heldBy(ground, condition, uselessFor(ground, max));
    if (held) found.push(...bothWays(condition).map((one) => candidate(ground, one, held)));
    yield;
  }
  return found.sort(simplestFirst);
}

/**
 * The simplest candidates, whatever they hold, no two of which hold the same. Yields as `candidatesOf` does.
 * @param worked candidates whose numbers are known already
 */
export function* simplestOf(
  ground: Ground,
  conditions: readonly Condition[],
  many: number,
  worked: readonly Candidate[] = [],
): Generator<void, Candidate[]> {
  const said = conditions.flatMap((of) =>
    bothWays(of).map((condition) => ({ condition, of, bits: conditionBits(condition) })),
  );
  const known = new Map(worked.map(({ condition, held }) => [condition, held]));
  const found: Candidate[] = [];
  const isNew = newOnes();
  for (const { condition, of } of said.sort(simplestFirst)) {
    if (found.length === many) break;
    const held = known.get(of) ?? heldBy(ground, of, () => false)!;
    known.set(of, held);
    const one = candidate(ground, condition, held);
    if (isNew(one)) found.push(one);
    yield;
  }
  return found;
}

/** A condition, and its opposite. */
const bothWays = (condition: Condition): Condition[] => [condition, { ...condition, not: true }];
const simplestFirst = (a: { bits: number }, b: { bits: number }) => a.bits - b.bits;

/** @param held what the condition holds where it is not turned round */
const candidate = ({ numbers }: Ground, condition: Condition, held: Bitset): Candidate => ({
  condition,
  bits: conditionBits(condition),
  held: condition.not ? complement(held, numbers.length) : held,
});

function complement(bits: Bitset, size: number): Bitset {
  const rest = bits.map((word) => ~word);
  const over = size % 32;
  if (over > 0) rest[rest.length - 1]! &= (1 << over) - 1;
  return rest;
}

/** The simplest of the candidates that hold the same known numbers. */
export const distinct = (candidates: readonly Candidate[]): Candidate[] => candidates.filter(newOnes());

/** Tells of one candidate after the other whether it is the first that holds its numbers. */
function newOnes(): (one: Candidate) => boolean {
  const seen = new Map<number, Candidate[]>();
  return (one) => {
    const hash = hashOf(one.held);
    const alike = seen.get(hash) ?? [];
    if (alike.some(({ held }) => sameBits(held, one.held))) return false;
    seen.set(hash, [...alike, one]);
    return true;
  };
}
