import type { Trail } from "../count/trail";
import { type Ink, inkBeside } from "../set/ink";

/** A trail set aside to be compared with another: its ink, and the ink of the other trail. */
export type Aside = { readonly trail: Trail; readonly ink: Ink; readonly beside: Ink };

/**
 * A trail set aside in an ink. The next one takes the ink of the trail that stood aside until now, or one that stands
 * out beside it: two trails always have two inks.
 */
export function setAside(trail: Trail, ink: Ink, before: Aside | null): Aside {
  return { trail, ink, beside: before && before.ink !== ink ? before.ink : inkBeside(ink) };
}
