import { COMPARED, type Compared } from "../../number/compared";
import { PLACE_KEYS, type PlaceKey } from "../../number/place-value";
import { schema } from "../../schema";
import { MAX_ORDERED } from "../../views/kinds/order";
import { ViewId } from "../../views/view-id";
import { type Draft, type ExamplesOf, move, type Slice } from "../slice";
import { orNull, someView } from "./examples";

/** The order of the numbers of a view, as they are being sorted. */
export type InOrder = {
  /** Which of the view's numbers stands first, second and so on; null as they were given. */
  readonly order: readonly number[] | null;
  /** The sign chosen after each of them, by its place in the row. */
  readonly signs: readonly (Compared | null)[];
  /** The place that is lit: they are compared by it. */
  readonly place: PlaceKey | null;
};
export type Ordering = { readonly ordered: { readonly [view in ViewId]?: InOrder } };

export const AS_GIVEN: InOrder = { order: null, signs: [], place: null };

const change = (draft: Draft, view: ViewId, part: Partial<InOrder>) => {
  draft.ordered = { ...draft.ordered, [view]: { ...(draft.ordered[view] ?? AS_GIVEN), ...part } };
};

const Index = schema((z) => z.int().check(z.minimum(0), z.maximum(MAX_ORDERED - 1)));

const moves = [
  /**
   * Puts the numbers of a view in a row: which of them stands first, second and so on, from 0. The signs between them go.
   * @example { "do": "put-in-order", "view": "order", "order": [1, 0, 2] }
   */
  move(
    "put-in-order",
    (z) => ({ view: ViewId(z), order: z.array(Index(z)).check(z.minLength(2), z.maxLength(MAX_ORDERED)) }),
    (draft, { view, order }) => change(draft, view, { order, signs: [] }),
    ({ order }) =>
      new Set(order).size === order.length && order.every((index) => index < order.length)
        ? null
        : "Each number of the row stands in it once.",
  ),
  /**
   * Lights a place by which numbers are compared; with `null` none.
   * @example { "do": "compare-at", "view": "order", "place": "hundreds" }
   */
  move(
    "compare-at",
    (z) => ({ view: ViewId(z), place: z.nullable(z.enum(PLACE_KEYS)) }),
    (draft, { view, place }) => change(draft, view, { place }),
  ),
  /**
   * The sign chosen after a number of the row, from 0; `null` for none.
   * @example { "do": "sign-between", "view": "order", "at": 0, "sign": "<" }
   */
  move(
    "sign-between",
    (z) => ({ view: ViewId(z), at: Index(z), sign: z.nullable(z.enum(COMPARED)) }),
    (draft, { view, at, sign }) => {
      const { signs } = draft.ordered[view] ?? AS_GIVEN;
      change(draft, view, {
        signs: Array.from({ length: Math.max(signs.length, at + 1) }, (_, i) =>
          i === at ? sign : (signs[i] ?? null),
        ),
      });
    },
  ),
] as const;

export const ordering: Slice<Ordering, typeof moves> = { initial: { ordered: {} }, moves };

export const orderingExamples: ExamplesOf<typeof moves> = {
  "put-in-order": (some) => ({
    view: someView(some),
    order: some
      .one([
        [0, 1],
        [1, 0],
        [2, 0, 1],
      ] as const)
      .slice(),
  }),
  "compare-at": (some) => ({ view: someView(some), place: orNull(some, () => some.one(PLACE_KEYS)) }),
  "sign-between": (some) => ({
    view: someView(some),
    at: some.whole(0, 3),
    sign: orNull(some, () => some.one(COMPARED)),
  }),
};
