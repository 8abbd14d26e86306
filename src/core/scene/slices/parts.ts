import { PLACE_KEYS } from "../../number/place-value";
import { SHOWN_PARTS } from "../../views/kinds/place-value";
import { ViewId } from "../../views/view-id";
import { type ExamplesOf, move, type Slice } from "../slice";
import { someFlag, someView } from "./examples";

/** What is said at a stop of a count, by the number of the stop. */
const atStops = [1, 2, 3, 4, 5, 6].flatMap((n) => [`number-${n}`, `pieces-${n}`, `exchange-${n}`] as const);
export type StopPart = `${"number" | "pieces" | "exchange"}-${1 | 2 | 3 | 4 | 5 | 6}`;

/**
 * A part of a view that can be covered for itself: all pieces of a place value view, say, or its tens digit; what stands at
 * one of the stops; the parts and the whole of frames; the size of groups and how many there are in all; the points of a graph; a time.
 */
export const PART_NAMES = [
  ...SHOWN_PARTS,
  ...PLACE_KEYS,
  "wanting",
  ...(atStops as StopPart[]),
  "first",
  "second",
  "whole",
  "writing",
  "deciding",
  "size",
  "in-all",
  "time-words",
  "time-digits",
  "points",
  "labels",
  "half-later",
  "hour-later",
] as const;
export type PartName = (typeof PART_NAMES)[number];

/** By view: the parts that were covered by hand, and those uncovered by hand although covered from the start. */
export type Parts = {
  readonly parts: { readonly [view in ViewId]?: { readonly [part in PartName]?: boolean } };
};

const moves = [
  /**
   * Covers a part of a view, or shows it: the `pieces`, `digits`, `expanded` form or `words` of a place value view, or one
   * digit by its place; `number-1`, `pieces-1` or `exchange-1` of the first stop; the `first` part of a whole in frames.
   * @example { "do": "cover-part", "view": "place-value", "part": "ones", "on": true }
   */
  move(
    "cover-part",
    (z) => ({ view: ViewId(z), part: z.enum(PART_NAMES), on: z.boolean() }),
    (draft, { view, part, on }) => {
      draft.parts = { ...draft.parts, [view]: { ...draft.parts[view], [part]: on } };
    },
  ),
] as const;

export const parts: Slice<Parts, typeof moves> = { initial: { parts: {} }, moves };

export const partsExamples: ExamplesOf<typeof moves> = {
  "cover-part": (some) => ({ view: someView(some), part: some.one(PART_NAMES), on: someFlag(some) }),
};
