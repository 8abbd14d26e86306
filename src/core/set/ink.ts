import { type Checked, schema } from "../schema";

/** The five inks, in the order of their keys 1–5. Each has a shape of its own. */
export const INKS = ["sun", "coral", "sea", "kelp", "plum"] as const;
export const Ink = schema((z) => z.enum(INKS));
export type Ink = Checked<typeof Ink>;

const BESIDE: Record<Ink, Ink> = { sun: "sea", coral: "sea", sea: "coral", kelp: "plum", plum: "sun" };

/** The ink that stands out best beside another one, also for an eye that does not tell red from green. */
export const inkBeside = (ink: Ink): Ink => BESIDE[ink];

/** A set of inks as bits: sun 1, coral 2, sea 4, kelp 8, plum 16. */
export type InkSet = number;

export const inkBit = (ink: Ink): InkSet => 1 << INKS.indexOf(ink);

export const hasInk = (set: InkSet, ink: Ink): boolean => (set & inkBit(ink)) !== 0;

/** The inks of a set, in their order. */
export function inksOf(set: InkSet): Ink[] {
  return INKS.filter((ink) => hasInk(set, ink));
}
