import { differenceOf, type Exact, exact, keyOf, type NumberKey, sumOf } from "../number/exact";
import type { Arrow } from "./route";

/** A start number and the jumps made from it, each with its sign. A count is a trail whose jumps are equal. */
export type Trail = {
  start: NumberKey;
  jumps: readonly NumberKey[];
  /** By jump: the arrow that made it, null for a jump without one. Jumps past the end of the list have none either. */
  arrows: readonly (Arrow | null)[];
  /** By jump: which of its parts are covered. Of jumps past the end of the list none are. */
  covers: readonly JumpCovers[];
  end: NumberKey;
  /**
   * Where its sentence was typed, and stays as it was, else null: by term, of how many equal jumps it is the product (4 for 4 × 6), or 0
   * for one jump as it is. A quotient is one term below 0: −4 for 24 ÷ 6, whose four jumps of 6 lead back to 0.
   */
  terms: readonly number[] | null;
};

/** The moves that make a trail. */
export type TrailMove =
  | { do: "start"; number: NumberKey }
  | { do: "jump"; by: NumberKey; arrow?: Arrow | undefined }
  | { do: "retrace" };

/** The parts of a jump that can be covered: its size, and its arc. */
export const JUMP_PARTS = ["size", "arc"] as const;
export type JumpPart = (typeof JUMP_PARTS)[number];
export type JumpCovers = { readonly [part in JumpPart]?: true };

/** Maximum number of jumps in a trail. */
export const MAX_JUMPS = 2000;
const NO_COVERS: JumpCovers = {};

/** A trail without jumps. */
export function startTrail(start: NumberKey, terms: readonly number[] | null = null): Trail {
  return { start, terms, jumps: [], arrows: [], covers: [], end: start };
}

/** The trail one jump longer. */
export function jumpOn(trail: Trail, by: NumberKey, arrow: Arrow | null = null): Trail {
  // A count may be long: only the jumps are copied. Fields are named one by one, since spreading the whole object takes
  // half as long again.
  return {
    start: trail.start,
    terms: trail.terms,
    jumps: [...trail.jumps, by],
    arrows: arrow === null ? trail.arrows : [...filled(trail.arrows, trail.jumps.length, null), arrow],
    covers: trail.covers,
    end: sumOf(trail.end, by),
  };
}

/** A list about the jumps of a trail, made as long as is needed: about jumps past its end it said nothing. */
const filled = <T>(list: readonly T[], length: number, none: T): readonly T[] =>
  list.length >= length ? list : [...list, ...Array<T>(length - list.length).fill(none)];

/** Whether every jump of the trail was made by an arrow. True for a trail without jumps. */
export function isRoute(trail: Trail): boolean {
  return trail.arrows.length === trail.jumps.length && trail.arrows.every((arrow) => arrow !== null);
}

/** The trail without its last jump; a trail without jumps stays as it is. */
export function jumpBack(trail: Trail): Trail {
  const last = trail.jumps.at(-1);
  if (last === undefined) return trail;
  return {
    ...trail,
    jumps: trail.jumps.slice(0, -1),
    arrows: trail.arrows.slice(0, trail.jumps.length - 1),
    covers: trail.covers.slice(0, trail.jumps.length - 1),
    end: differenceOf(trail.end, last),
  };
}

/**
 * The trail with one jump made of several, of the same sum: +30 of three times +10. The trail as it is where there is
 * no such jump, or where the sum is another.
 */
export function splitJump(trail: Trail, index: number, into: readonly NumberKey[]): Trail {
  const by = trail.jumps[index];
  if (by === undefined || into.length === 0) return trail;
  const sum = into.reduce((total, part) => total.add(exact(part)), exact(0));
  return sum.equals(exact(by)) ? withJumps(trail, index, 1, into) : trail;
}

/** The trail with a jump and the one after it made into one. The trail as it is where there are no two. */
export function joinJumps(trail: Trail, index: number): Trail {
  const [first, second] = [trail.jumps[index], trail.jumps[index + 1]];
  if (first === undefined || second === undefined) return trail;
  const sum = exact(first).add(exact(second));
  return withJumps(trail, index, 2, sum.n === 0n ? [] : [keyOf(sum)]);
}

function withJumps(trail: Trail, index: number, gone: number, into: readonly NumberKey[]): Trail {
  const spliced = <T>(list: readonly T[], none: T) =>
    filled(list, index + gone, none).toSpliced(index, gone, ...into.map(() => none));
  return {
    ...trail,
    // The jumps no longer match what was typed, so they are written one by one.
    terms: trail.terms && [],
    jumps: trail.jumps.toSpliced(index, gone, ...into),
    arrows: spliced(trail.arrows, null),
    covers: spliced(trail.covers, NO_COVERS),
  };
}

/** The trail with a part of some of its jumps covered, or lifted. */
export function coverJumps(trail: Trail, jumps: readonly number[], part: JumpPart, on: boolean): Trail {
  const change = (covers: JumpCovers): JumpCovers => {
    const { [part]: _, ...others } = covers;
    return on ? { ...others, [part]: true } : others;
  };
  const among = new Set(jumps);
  const every = filled(trail.covers, trail.jumps.length, NO_COVERS);
  return { ...trail, covers: every.map((covers, i) => (among.has(i) ? change(covers) : covers)) };
}

const landed = new WeakMap<Trail, Exact[]>();

/** Where each jump landed, in order; the start is not among them. Worked out once for a trail. */
export function landings(trail: Trail): readonly Exact[] {
  const known = landed.get(trail);
  if (known) return known;
  let at = exact(trail.start);
  const stops = trail.jumps.map((by) => {
    at = at.add(exact(by));
    return at;
  });
  landed.set(trail, stops);
  return stops;
}

const stopped = new WeakMap<Trail, ReadonlyMap<NumberKey, Exact>>();

/** The numbers that a trail landed on, each of them once. Worked out once for a trail. */
export function stopsOf(trail: Trail): ReadonlyMap<NumberKey, Exact> {
  const known = stopped.get(trail);
  if (known) return known;
  const stops = new Map(landings(trail).map((stop) => [keyOf(stop), stop]));
  stopped.set(trail, stops);
  return stops;
}

/**
 * The numbers said so far: every landing, and before them the start where it is said too. A start that no chart on
 * the board holds is not said: counting in sixes from 0 over 1 to 100 begins "6, 12, 18".
 */
export function numbersSaid(trail: Trail, holds: (number: NumberKey) => boolean): NumberKey[] {
  const landed = landings(trail).map(keyOf);
  return holds(trail.start) ? [trail.start, ...landed] : landed;
}
