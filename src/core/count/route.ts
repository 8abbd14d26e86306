import { exact, keyOf, type NumberKey } from "../number/exact";
import { type Checked, schema } from "../schema";

/** The arrows of a route on a chart, as they are seen on the page. */
export const ARROWS = ["left", "right", "up", "down"] as const;
export const Arrow = schema((z) => z.enum(ARROWS));
export type Arrow = Checked<typeof Arrow>;

/** Maximum number of arrows in a row. */
export const MAX_ARROWS = 20;

/**
 * How much a route adds up and down, and how much left and right, the larger first: on a ten-wide chart its tens and
 * its ones. Parts that come to nothing are left out.
 */
export function routeTotals(jumps: readonly NumberKey[], arrows: readonly (Arrow | null)[]): NumberKey[] {
  const total = (isHere: (arrow: Arrow | null) => boolean) =>
    jumps.reduce((sum, by, i) => (isHere(arrows[i] ?? null) ? sum.add(exact(by)) : sum), exact(0));
  const upright = total((arrow) => arrow === "up" || arrow === "down");
  const across = total((arrow) => arrow === "left" || arrow === "right");
  return [upright, across]
    .filter((part) => part.n !== 0n)
    .sort((a, b) => b.abs().compare(a.abs()))
    .map(keyOf);
}
