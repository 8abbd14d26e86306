import type { Place } from "@/core/number/place-value";

/** How the pieces and the digits of a place look: their ground, their line, and the colour in which they are written. */
export type PlaceStyle = { readonly ground: string; readonly line: string; readonly text: string };

const hue = (ink: string, text: string): PlaceStyle => ({
  ground: `var(--color-${ink})`,
  line: `var(--color-${ink}-dot)`,
  text: `var(--color-${text})`,
});
const ONES = hue("coral", "ones");
const TENS = hue("sea", "tens");
const HUNDREDS = hue("plum", "hundreds");
const THOUSANDS = hue("kelp", "thousands");
/** Decimal places have the hue of their counterpart, on a bare ground. */
const part = (look: PlaceStyle): PlaceStyle => ({ ...look, ground: "var(--color-board)" });

const STYLES: readonly PlaceStyle[] = [
  part(THOUSANDS),
  part(HUNDREDS),
  part(TENS),
  ONES,
  TENS,
  HUNDREDS,
  THOUSANDS,
  TENS,
  HUNDREDS,
  THOUSANDS,
  TENS,
];

/** The look of a place. */
export const placeStyle = (place: Place): PlaceStyle => STYLES[place + 3] ?? ONES;
