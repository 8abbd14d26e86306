import { JOINING, joinedBits, MAX_SAVED } from "../description-length";
import type { Rule } from "../rule";
import { type Bitset, countBits, firstIn, hasBit, ones } from "./bitset";
import type { Candidate } from "./candidates";

/** Several candidates joined, and the cost of saying them together. */
export type Joined = {
  readonly join: Rule["join"];
  readonly of: readonly Candidate[];
  readonly bits: number;
};

/** How many of the simplest candidates are tried in threes. */
const MAX_IN_THREES = 140;

/** A candidate, and the places where it is wrong by itself. */
type Wrong = { readonly one: Candidate; readonly wrong: Bitset };

/**
 * For "and", the candidates that hold everything wanted, each with what it holds in excess; for "or", those that hold
 * nothing else, each with what it lacks. Joined, they are right where no place is wrong in all of them.
 */
function sideOf(join: Rule["join"], wanted: Bitset, candidates: readonly Candidate[]): Wrong[] {
  return candidates.flatMap((one) => {
    const [whole, part] = join === "and" ? [one.held, wanted] : [wanted, one.held];
    if (!contains(whole, part)) return [];
    const wrong = minus(whole, part);
    return isEmpty(wrong) ? [] : [{ one, wrong }];
  });
}

/**
 * Pairs of candidates that together hold exactly what is wanted, and neither alone.
 * @param candidates the simplest first, no two of which hold the same
 * @param limit nothing costlier is searched for
 * @param least how many places each of the two must settle by itself
 */
export function* pairsFor(
  wanted: Bitset,
  candidates: readonly Candidate[],
  limit: number,
  least = 1,
): Generator<void, Joined[]> {
  const found: Joined[] = [];
  for (const join of ["and", "or"] as const) {
    const side = sideOf(join, wanted, candidates).filter(({ wrong }) => countBits(wrong) >= least);
    for (let i = 0; i < side.length; i += 1) {
      const a = side[i]!;
      for (let j = i + 1; j < side.length; j += 1) {
        const b = side[j]!;
        if (a.one.bits + b.one.bits + JOINING - MAX_SAVED > limit) break;
        if (!areApart(a.wrong, b.wrong)) continue;
        const bits = joinedBits([a.one, b.one]);
        if (bits <= limit) found.push({ join, of: [a.one, b.one], bits });
      }
      yield;
    }
  }
  return found;
}

/** Triples of the simplest candidates that together hold exactly what is wanted. */
export function* triplesFor(
  wanted: Bitset,
  candidates: readonly Candidate[],
  limit: number,
): Generator<void, Joined[]> {
  const found: Joined[] = [];
  for (const join of ["and", "or"] as const) {
    const side = sideOf(join, wanted, candidates).slice(0, MAX_IN_THREES);
    const both: Bitset = new Uint32Array(wanted.length);
    const right = new Map<number, readonly number[]>();
    const rightAt = (place: number): readonly number[] => {
      const known = right.get(place) ?? [...side.keys()].filter((k) => !hasBit(side[k]!.wrong, place));
      right.set(place, known);
      return known;
    };
    for (let i = 0; i < side.length; i += 1) {
      const a = side[i]!;
      for (let j = i + 1; j < side.length; j += 1) {
        const b = side[j]!;
        // The third one is no simpler than the second.
        if (a.one.bits + 2 * b.one.bits + 2 * (JOINING - MAX_SAVED) > limit) break;
        for (let word = 0; word < both.length; word += 1) both[word] = a.wrong[word]! & b.wrong[word]!;
        // A pair that is right already needs no third.
        if (isEmpty(both)) continue;
        // The third must be right wherever both are wrong: few candidates are.
        for (const k of rightAt(firstIn(both))) {
          if (k <= j) continue;
          const c = side[k]!;
          if (a.one.bits + b.one.bits + c.one.bits + 2 * (JOINING - MAX_SAVED) > limit) break;
          if (!areApart(both, c.wrong)) continue;
          const bits = joinedBits([a.one, b.one, c.one]);
          if (bits <= limit) found.push({ join, of: [a.one, b.one, c.one], bits });
        }
      }
      yield;
    }
  }
  return found;
}

/** Pairs of candidates that together hold what is wanted, with at most `max` places wrong. */
export function* nearPairsFor(
  wanted: Bitset,
  candidates: readonly Candidate[],
  limit: number,
  max: number,
): Generator<void, Joined[]> {
  const found: Joined[] = [];
  for (let i = 0; i < candidates.length; i += 1) {
    for (let j = i + 1; j < candidates.length; j += 1) {
      const of = [candidates[i]!, candidates[j]!] as const;
      if (of[0].bits + of[1].bits + JOINING - MAX_SAVED > limit) break;
      for (const join of ["and", "or"] as const) {
        if (!isNear(join, of[0].held, of[1].held, wanted, max)) continue;
        const bits = joinedBits(of);
        if (bits <= limit) found.push({ join, of, bits });
      }
    }
    yield;
  }
  return found;
}

/** The places that a joined rule holds. */
export function heldTogether({ join, of }: Pick<Joined, "join" | "of">): Bitset {
  return of
    .map(({ held }) => held)
    .reduce((a, b) => (join === "and" ? and(a, b) : a.map((word, i) => word | b[i]!)));
}

const and = (a: Bitset, b: Bitset): Bitset => a.map((word, i) => word & b[i]!);
export const minus = (a: Bitset, b: Bitset): Bitset => a.map((word, i) => word & ~b[i]!);

function isEmpty(bits: Bitset): boolean {
  for (let i = 0; i < bits.length; i += 1) if (bits[i] !== 0) return false;
  return true;
}

/** Whether a set holds all places of another. */
function contains(whole: Bitset, part: Bitset): boolean {
  for (let i = 0; i < part.length; i += 1) if ((part[i]! & ~whole[i]!) !== 0) return false;
  return true;
}

function areApart(a: Bitset, b: Bitset): boolean {
  for (let i = 0; i < a.length; i += 1) if ((a[i]! & b[i]!) !== 0) return false;
  return true;
}

/** Whether a set differs from what is wanted in at most `max` places. */
export function isWithin(held: Bitset, wanted: Bitset, max: number): boolean {
  let wrong = 0;
  for (let i = 0; i < wanted.length; i += 1) {
    wrong += ones(held[i]! ^ wanted[i]!);
    if (wrong > max) return false;
  }
  return true;
}

function isNear(join: Rule["join"], a: Bitset, b: Bitset, wanted: Bitset, max: number): boolean {
  let wrong = 0;
  for (let i = 0; i < wanted.length; i += 1) {
    const held = join === "and" ? a[i]! & b[i]! : a[i]! | b[i]!;
    wrong += ones(held ^ wanted[i]!);
    if (wrong > max) return false;
  }
  return true;
}
