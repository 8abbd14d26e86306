import { keyOfText, type NumberKey } from "../number/exact";
import type { Chance } from "./draw";
import type { DRAWN, ZEROS } from "./drawn-numbers";

type Drawn = { readonly draws: (typeof DRAWN)[number]; readonly zeros: (typeof ZEROS)[number] };

/** How many digits a number has that is drawn; the teens are drawn for themselves. */
const DIGITS = { tens: 2, hundreds: 3, thousands: 4, "hundred-thousands": 6, millions: 7 } as const;
/** Tries for another number than the one before. */
const TRIES = 20;

/**
 * A number at random, as a place value view asks for it: its first digit is never 0.
 * @param before is not drawn again
 * @returns null where the view draws none
 */
export function drawNumber(view: Drawn, chance: Chance, before: NumberKey | null): NumberKey | null {
  if (view.draws === "none") return null;
  let number = before;
  for (let turn = 0; turn < TRIES && number === before; turn += 1) number = once(view, view.draws, chance);
  return number;
}

function once({ zeros }: Drawn, draws: keyof typeof DIGITS | "teens", chance: Chance): NumberKey {
  if (draws === "teens") return String(chance(11, 19));
  const count = DIGITS[draws];
  const forced = zeros === "some" ? chance(1, count - 1) : -1;
  const digits = Array.from({ length: count }, (_, i) =>
    i === forced ? 0 : chance(i === 0 || zeros === "none" ? 1 : 0, 9),
  );
  return keyOfText(digits.join(""));
}
