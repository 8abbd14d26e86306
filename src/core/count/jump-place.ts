import { exact, type NumberKey } from "../number/exact";
import type { Trail } from "./trail";

/** The places that a jump may belong to, from the smallest. */
export const JUMP_PLACES = ["hundredths", "tenths", "ones", "tens", "hundreds", "thousands"] as const;
export type JumpPlace = (typeof JUMP_PLACES)[number];

/** The place of a jump that is so many of one place: +20 is of tens, −0.3 of tenths. Null for any other size. */
export function placeOfJump(by: NumberKey): JumpPlace | null {
  const digits = by.replace("-", "");
  if (/^[1-9]0{0,3}$/.test(digits)) return JUMP_PLACES[digits.length + 1] ?? null;
  if (/^0\.[1-9]$/.test(digits)) return "tenths";
  return /^0\.0[1-9]$/.test(digits) ? "hundredths" : null;
}

/**
 * How the jumps of a trail are told apart: a count, or equal jumps, are all of one kind; a way through benchmarks
 * shows of each jump which place it is of. One whose size is covered tells neither its place nor whether it is equal to
 * the others.
 */
export function jumpKinds({ jumps, covers }: Trail): ("equal" | JumpPlace | "other")[] {
  const isCovered = (index: number) => covers[index]?.size === true;
  const seen = jumps.filter((_, index) => !isCovered(index)).map((by) => exact(by).abs());
  const areAlike =
    seen.every((size) => size.equals(seen[0]!)) && (seen.length > 1 || seen.length === jumps.length);
  return jumps.map((by, index) => (areAlike || isCovered(index) ? "equal" : (placeOfJump(by) ?? "other")));
}
