import type { NumberKey } from "@/core/number/exact";
import { listWords } from "@/core/number/list-words";
import { showNumber } from "@/core/number/show-number";
import {
  type CellState,
  hasCounter,
  inksIn,
  isAsked,
  isCovered,
  isFocus,
  isWrong,
  standsOut,
  writtenIn,
} from "@/core/scene/cell-state";
import { inksOf } from "@/core/set/ink";
import type { ChartSettings } from "@/core/surface/chart";

/**
 * The name of a cell for screen readers: "48, sun mark", "12, sun and sea marks". A covered cell is "covered" and
 * reveals neither its number nor its marks, nor does one with a counter on it; an empty one names its marks; both name
 * what was written there by hand.
 */
export function cellName(
  number: NumberKey,
  state: CellState,
  covers: ChartSettings["covers"],
  write: (number: NumberKey) => string = showNumber,
): string {
  const focus = `${isAsked(state) ? ", asked for" : ""}${isFocus(state) ? ", in focus" : ""}`;
  if (hasCounter(state)) return `counter${focus}`;
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

function marks(state: CellState): string {
  const inks = inksOf(inksIn(state));
  if (inks.length === 0) return "";
  return `, ${listWords(inks)} ${inks.length === 1 ? "mark" : "marks"}`;
}
