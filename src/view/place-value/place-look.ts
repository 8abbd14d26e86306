import type { Place } from "@/core/number/place-value";

/** How the pieces and the digits of a place look: their ground, their line, and the colour in which they are written. */
export type PlaceLook = { readonly ground: string; readonly line: string; readonly text: string };

const hue = (ink: string, text: string): PlaceLook => ({
  ground: `var(--color-${ink})`,
  line: `var(--color-${ink}-dot)`,
  text: `var(--color-${text})`,
});
const ONES = hue("coral", "ones");
const TENS = hue("sea", "tens");
const HUNDREDS = hue("plum", "hundreds");
const THOUSANDS = hue("kelp", "thousands");
/** Parts of one have the hue of their counterpart, on a bare ground. */
const part = (look: PlaceLook): PlaceLook => ({ ...look, ground: "var(--color-board)" });

const LOOKS: readonly PlaceLook[] = [
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
export const placeLook = (place: Place): PlaceLook => LOOKS[place + 3] ?? ONES;
