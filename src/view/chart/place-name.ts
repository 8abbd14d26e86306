import { inksOf } from "@/core/lesson/ink";
import { inksIn, isCovered, isFocus, type PlaceState } from "@/core/lesson/place-state";
import type { NumberKey } from "@/core/number/exact";
import { showNumber } from "@/core/number/show-number";

/**
 * What a place is called: "48, sun mark", "12, sun and sea marks". A covered place is "covered" and tells nothing
 * of its number or its marks.
 */
export function placeName(number: NumberKey, state: PlaceState): string {
  const focus = isFocus(state) ? ", in focus" : "";
  if (isCovered(state)) return `covered${focus}`;
  const inks = inksOf(inksIn(state));
  const listed = inks.length > 1 ? `${inks.slice(0, -1).join(", ")} and ${inks.at(-1)}` : inks[0];
  const marks = listed ? `, ${listed} ${inks.length > 1 ? "marks" : "mark"}` : "";
  return `${showNumber(number)}${marks}${focus}`;
}
