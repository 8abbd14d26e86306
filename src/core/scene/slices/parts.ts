import * as z from "zod/mini";
import { PLACE_KEYS } from "../../number/place-value";
import { SHOWN_PARTS } from "../../views/kinds/place-value";
import { ViewId } from "../../views/view-id";
import { move, type Slice } from "../slice";
import { someFlag, someView } from "./examples";

/** A part of a place value view that can be covered for itself: all of its pieces, say, or its tens digit. */
export const PART_NAMES = [...SHOWN_PARTS, ...PLACE_KEYS] as const;
export type PartName = (typeof PART_NAMES)[number];

/** By view: the parts that were covered by hand, and those that were uncovered though they are covered from the start. */
export type Parts = {
  readonly parts: { readonly [view in ViewId]?: { readonly [part in PartName]?: boolean } };
};

const moves = [
  /**
   * Covers a part of a place value view, or shows it: its `pieces`, `digits`, `expanded` form or `words`, or one digit by its
   * place.
   * @example { "do": "cover-part", "view": "place-value", "part": "ones", "on": true }
   */
  move(
    "cover-part",
    { view: ViewId, part: z.enum(PART_NAMES), on: z.boolean() },
    (draft, { view, part, on }) => {
      draft.parts = { ...draft.parts, [view]: { ...draft.parts[view], [part]: on } };
    },
    (some) => ({ view: someView(some), part: some.one(PART_NAMES), on: someFlag(some) }),
  ),
] as const;

export const parts: Slice<Parts, typeof moves> = { initial: { parts: {} }, moves };
