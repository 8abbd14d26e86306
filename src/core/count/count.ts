import { exact, keyOf, keyOfText, type NumberKey, sumOf } from "../number/exact";
import { showNumber } from "../number/show-number";
import type { Count } from "./count-settings";
import type { Trail, TrailMove } from "./trail";

type Holds = (number: NumberKey) => boolean;

/** The start of a count in words: whole numbers as such, even where the board writes 2 as 8/4. */
export const countedFrom = (from: string, write: (number: NumberKey) => string): string =>
  /^[-−]?\d+$/.test(from) ? showNumber(keyOfText(from)) : write(keyOfText(from));

/** The jump of a count with its sign. */
export function jumpOf(count: Pick<Count, "by" | "way">): NumberKey {
  return count.way === "back" ? keyOf(exact(count.by).neg()) : keyOfText(count.by);
}

/**
 * Whether a trail is this count so far: the same start, and no jump of another size. A count that has turned, on to 31
 * and then back, is still the same count.
 */
export function isCount(trail: Trail | null, count: Count): trail is Trail {
  if (!trail || trail.start !== keyOfText(count.from)) return false;
  const size = keyOfText(count.by);
  return trail.jumps.every((jump, i) => (jump === size || jump === `-${size}`) && !trail.arrows[i]);
}

/** The next number, and the moves that go there. */
export type Next = { number: NumberKey; moves: TrailMove[] };

/** How a count begins: at its start where the board holds it, else at the first landing; null where it holds neither. */
export function beginCount(count: Count, holds: Holds): Next | null {
  const from = keyOfText(count.from);
  const start: TrailMove = { do: "start", number: from };
  if (holds(from)) return { number: from, moves: [start] };
  const by = jumpOf(count);
  const landing = sumOf(from, by);
  return holds(landing) ? { number: landing, moves: [start, { do: "jump", by }] } : null;
}

/**
 * The next number of a count: one jump on from a trail that is this count, else where the count begins.
 * Null where the board does not hold that number: the count is at its end, or cannot begin.
 */
export function nextOfCount(trail: Trail | null, count: Count, holds: Holds): Next | null {
  if (!isCount(trail, count)) return beginCount(count, holds);
  const by = jumpOf(count);
  const number = sumOf(trail.end, by);
  return holds(number) ? { number, moves: [{ do: "jump", by }] } : null;
}

/**
 * What touching a number does to the count: a touch on the next number counts it, a touch on the first number
 * begins again, any other touch leaves the trail alone.
 */
export function countByTouch(
  trail: Trail | null,
  count: Count,
  holds: Holds,
  touched: NumberKey,
): TrailMove[] {
  const begin = beginCount(count, holds);
  if (begin?.number === touched) return begin.moves;
  const next = isCount(trail, count) ? nextOfCount(trail, count, holds) : null;
  return next?.number === touched ? next.moves : [];
}
