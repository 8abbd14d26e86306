import { exact, type NumberKey } from "../number/exact";
import type { Trail } from "./trail";

/** The place values that a jump may be of, from the smallest. */
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
 * shows of each jump which place it is of.
 */
export function jumpKinds(trail: Trail): ("equal" | JumpPlace | "other")[] {
  const [first] = trail.jumps;
  const size = first === undefined ? null : exact(first).abs();
  if (size !== null && trail.jumps.every((by) => exact(by).abs().equals(size))) {
    return trail.jumps.map(() => "equal");
  }
  return trail.jumps.map((by) => placeOfJump(by) ?? "other");
}
