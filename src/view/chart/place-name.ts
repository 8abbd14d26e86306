import type { NumberKey } from "@/core/number/exact";
import { showNumber } from "@/core/number/show-number";
import {
  inksIn,
  isAsked,
  isCovered,
  isFocus,
  isWrong,
  type PlaceState,
  standsOut,
  writtenIn,
} from "@/core/scene/place-state";
import { inksOf } from "@/core/set/ink";
import type { ChartSettings } from "@/core/surface/chart";

/**
 * What a place is called: "48, sun mark", "12, sun and sea marks". A covered place is "covered" and tells nothing
 * of its number or its marks; an empty one tells its marks; both tell what was written there by hand.
 */
export function placeName(
  number: NumberKey,
  state: PlaceState,
  covers: ChartSettings["covers"],
  write: (number: NumberKey) => string = showNumber,
): string {
  const focus = `${isAsked(state) ? ", asked for" : ""}${isFocus(state) ? ", in focus" : ""}`;
  if (!isCovered(state)) {
    return `${write(number)}${standsOut(state) ? ", standing out" : ""}${marks(state)}${focus}`;
  }
  const written = writtenIn(state);
  const what =
    written !== undefined
      ? `${write(written)}, by hand${isWrong(state) ? ", does not belong here" : ""}`
      : covers === "solid"
        ? "covered"
        : "empty";
  return `${what}${covers === "solid" ? "" : marks(state)}${focus}`;
}

function marks(state: PlaceState): string {
  const inks = inksOf(inksIn(state));
  if (inks.length === 0) return "";
  if (inks.length === 1) return `, ${inks[0]} mark`;
  return `, ${inks.slice(0, -1).join(", ")} and ${inks.at(-1)} marks`;
}
