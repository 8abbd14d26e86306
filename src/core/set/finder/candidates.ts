import { exact } from "../../number/exact";
import { CONDITIONS } from "../conditions";
import { conditionBits } from "../description-length";
import { type AnyConditionKind, type Condition, kindOf, testOf } from "../rule";
import { type Bitset, bitsOf, emptyBits, hashOf, sameBits } from "./bitset";
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

/** Which of the known numbers meet a condition. */
export function heldBy(ground: Ground, condition: Condition): Bitset {
  const { numbers, wholes } = ground;
  // A kind defined for whole numbers only is not asked about others.
  const meetsWhole = wholes && kindOf(condition).whole?.(condition);
  if (meetsWhole) return bitsOfWholes(wholes, meetsWhole);
  const [meets, values] = [testOf(condition), exactOf(ground)];
  return bitsOf(numbers.length, (at) => meets(values[at]!, 0));
}

/** A tight loop, word by word: this is where a search spends its time. */
function bitsOfWholes(wholes: readonly number[], meets: (number: number) => boolean): Bitset {
  const bits = emptyBits(wholes.length);
  for (let word = 0, at = 0; word < bits.length; word += 1) {
    let held = 0;
    const end = Math.min(32, wholes.length - at);
    for (let bit = 0; bit < end; bit += 1, at += 1) if (meets(wholes[at]!)) held |= 1 << bit;
    bits[word] = held;
  }
  return bits;
}

const exacts = new WeakMap<Ground, readonly ReturnType<typeof exact>[]>();
function exactOf(ground: Ground) {
  const known = exacts.get(ground) ?? ground.numbers.map((number) => exact(number));
  exacts.set(ground, known);
  return known;
}

/**
 * The candidates for a shading, the simplest first: each offered condition and its opposite. Yields between conditions,
 * so that a search can be cancelled.
 */
export function* candidatesOf(ground: Ground): Generator<void, Candidate[]> {
  const size = ground.numbers.length;
  const found: Candidate[] = [];
  for (const condition of offered(ground)) {
    const held = heldBy(ground, condition);
    const turned = { ...condition, not: true };
    found.push({ condition, bits: conditionBits(condition), held });
    found.push({ condition: turned, bits: conditionBits(turned), held: complement(held, size) });
    yield;
  }
  return found.sort((a, b) => a.bits - b.bits);
}

function complement(bits: Bitset, size: number): Bitset {
  const rest = bits.map((word) => ~word);
  const over = size % 32;
  if (over > 0) rest[rest.length - 1]! &= (1 << over) - 1;
  return rest;
}

/** The simplest of the candidates that hold the same known numbers. */
export function distinct(candidates: readonly Candidate[]): Candidate[] {
  const seen = new Map<number, Candidate[]>();
  return candidates.filter((one) => {
    const hash = hashOf(one.held);
    const alike = seen.get(hash) ?? [];
    if (alike.some(({ held }) => sameBits(held, one.held))) return false;
    seen.set(hash, [...alike, one]);
    return true;
  });
}
