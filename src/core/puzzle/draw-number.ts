import { keyOfText, type NumberKey } from "../number/exact";
import type { Random } from "./draw";
import type { DRAWN, ZEROS } from "./drawn-numbers";

type Drawn = { readonly draws: (typeof DRAWN)[number]; readonly zeros: (typeof ZEROS)[number] };

/** The number of digits of a drawn number; the teens are drawn separately. */
const DIGITS = { tens: 2, hundreds: 3, thousands: 4, "hundred-thousands": 6, millions: 7 } as const;
/** Number of attempts to draw a number other than the previous one. */
const TRIES = 20;

/**
 * A random number as a place value view asks for it; its first digit is never 0.
 * @param before is not drawn again
 * @returns null if the view draws none
 */
export function drawNumber(view: Drawn, random: Random, before: NumberKey | null): NumberKey | null {
  if (view.draws === "none") return null;
  let number = before;
  for (let turn = 0; turn < TRIES && number === before; turn += 1) number = once(view, view.draws, random);
  return number;
}

function once({ zeros }: Drawn, draws: keyof typeof DIGITS | "teens", random: Random): NumberKey {
  if (draws === "teens") return String(random(11, 19));
  const count = DIGITS[draws];
  const forced = zeros === "some" ? random(1, count - 1) : -1;
  const digits = Array.from({ length: count }, (_, i) =>
    i === forced ? 0 : random(i === 0 || zeros === "none" ? 1 : 0, 9),
  );
  return keyOfText(digits.join(""));
}
