import { keyOf, type NumberKey } from "../../number/exact";
import { NumberKeyText } from "../../number/number-schema";
import {
  LARGEST_PLACE,
  MAX_TOGETHER,
  type Pieces,
  PLACE_KEYS,
  type PlaceKey,
  SMALLEST_PLACE,
  smallestPieces,
  worthTogether,
} from "../../number/place-value";
import { schema } from "../../schema";
import { ViewId } from "../../views/view-id";
import { type ExamplesOf, move, type Slice } from "../slice";
import { orNull, someView } from "./examples";

/** What was done with the pieces of a number. */
export type Building = {
  /** By view: its pieces as they lie, exchanged or not. They hold while the number in focus is what they are worth. */
  readonly built: { readonly [view in ViewId]?: readonly Pieces[] };
  /** By view: the place of the digit whose worth is shown. */
  readonly worths: { readonly [view in ViewId]?: PlaceKey | null };
  /** By view: the number written as the answer to its question. */
  readonly wrote: { readonly [view in ViewId]?: NumberKey | null };
};

const PiecesOfPlace = schema((z) =>
  z.object({
    place: z.int().check(z.minimum(SMALLEST_PLACE), z.maximum(LARGEST_PLACE)),
    count: z.int().check(z.minimum(0), z.maximum(MAX_TOGETHER)),
  }),
);

const moves = [
  /**
   * Lays pieces, exchanged or not, and talks about the number that they are worth. A `place` is a power of ten.
   * @example { "do": "build", "view": "place-value", "pieces": [{ "place": 1, "count": 2 }, { "place": 0, "count": 13 }] }
   */
  move(
    "build",
    (z) => ({ view: ViewId(z), pieces: z.array(PiecesOfPlace(z)).check(z.maxLength(PLACE_KEYS.length)) }),
    (draft, { view, pieces }) => {
      draft.built = { ...draft.built, [view]: pieces };
      draft.focus = keyOf(worthTogether(pieces));
    },
    ({ pieces }) =>
      smallestPieces(worthTogether(pieces)) === null ? "These pieces are worth too much." : null,
  ),
  /**
   * Says what a digit is worth, by its place; with `null` no longer.
   * @example { "do": "say-worth", "view": "place-value", "place": "tens" }
   */
  move(
    "say-worth",
    (z) => ({ view: ViewId(z), place: z.nullable(z.enum(PLACE_KEYS)) }),
    (draft, { view, place }) => {
      draft.worths = { ...draft.worths, [view]: place };
    },
  ),
  /**
   * Writes a number for what a view asks: the number of some pieces, the part of a whole; `null` wipes it away.
   * @example { "do": "write-for", "view": "place-value", "says": "204" }
   */
  move(
    "write-for",
    (z) => ({ view: ViewId(z), says: z.nullable(NumberKeyText(z)) }),
    (draft, { view, says }) => {
      draft.wrote = { ...draft.wrote, [view]: says };
    },
  ),
] as const;

export const building: Slice<Building, typeof moves> = {
  initial: { built: {}, worths: {}, wrote: {} },
  moves,
  ofNumbers: true,
};

export const buildingExamples: ExamplesOf<typeof moves> = {
  build: (some) => ({
    view: someView(some),
    pieces: [
      { place: 1, count: some.whole(0, 2) },
      { place: 0, count: some.whole(0, 12) },
    ],
  }),
  "say-worth": (some) => ({ view: someView(some), place: orNull(some, () => some.one(PLACE_KEYS)) }),
  "write-for": (some) => ({ view: someView(some), says: orNull(some, () => String(some.whole(0, 300))) }),
};
