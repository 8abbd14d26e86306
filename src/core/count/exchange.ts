import { type Exact, exact, type NumberKey } from "../number/exact";
import { LARGEST_PLACE, type Place, SMALLEST_PLACE, smallestPieces, TOO_MANY } from "../number/place-value";
import type { Trail } from "./trail";

/**
 * One exchange: ten pieces of a place became one of the next larger ("made"), or one of that was broken up into ten
 * ("broken").
 */
export type Exchange = { readonly of: Place; readonly way: "made" | "broken" };

/**
 * The places whose pieces can be exchanged ten for one, from the smallest, with the worth of ten of each in the
 * smallest pieces.
 */
const PLACES = Array.from({ length: LARGEST_PLACE - SMALLEST_PLACE }, (_, i) => ({
  place: i + SMALLEST_PLACE,
  ten: 10 ** (i + 1),
}));

/**
 * The exchanges of a jump, from the smallest place: adding or taking its pieces place by place, as in a column. From 28 on
 * by 5 ten ones are exchanged for a ten; from 98 on by 5 also ten tens for a hundred; from 20 on by 30 nothing is.
 * @returns null where a number of the jump cannot be shown in pieces
 */
export function exchangesIn(from: Exact, by: Exact): Exchange[] | null {
  const [start, jump] = [smallestPieces(from), smallestPieces(by.s < 0n ? by.neg() : by)];
  if (start === null || jump === null) return null;
  const way = by.s < 0n ? "broken" : "made";
  if (way === "broken" ? jump > start : start + jump >= TOO_MANY) return null;
  const exchanges: Exchange[] = [];
  for (const { place, ten } of PLACES) {
    const [has, more] = [start % ten, jump % ten];
    if (way === "made" ? has + more >= ten : has < more) exchanges.push({ of: place, way });
    // No larger piece is there to be broken up.
    if (ten > start + jump) break;
  }
  return exchanges;
}

/** The place that a count goes up or down in: of 30 the tens, of 25 the ones, of 0.2 the tenths. Null for 0. */
export function unitOfJump(by: Exact): Place | null {
  const parts = smallestPieces(by.abs());
  if (parts === null || parts === 0) return null;
  return PLACES.find(({ ten }) => parts % ten !== 0)?.place ?? LARGEST_PLACE;
}

/** How many more pieces of a place it takes until the next exchange. */
export type Wanting = { readonly place: Place; readonly count: number };

/**
 * How many more of what a count goes in until there is an exchange: at 53, in threes on, 7 ones; at 53, in tens back, 6
 * tens, since 5 can be taken away and for the sixth a hundred would have to be broken up.
 * @returns null where a number cannot be shown in pieces, or the count goes nowhere
 */
export function wantingAt(at: Exact, by: Exact): Wanting | null {
  const place = unitOfJump(by);
  const parts = smallestPieces(at);
  if (place === null || parts === null) return null;
  const digit = Math.floor(parts / 10 ** (place - SMALLEST_PLACE)) % 10;
  return { place, count: by.s < 0n ? digit + 1 : 10 - digit };
}

/** The exchanges of the last jump of a trail, where a number is its landing; none elsewhere. */
export function exchangesAt(trail: Trail | null, number: NumberKey): Exchange[] {
  const by = trail?.jumps.at(-1);
  if (!trail || by === undefined || trail.end !== number) return [];
  const jump = exact(by);
  return exchangesIn(exact(trail.end).sub(jump), jump) ?? [];
}
