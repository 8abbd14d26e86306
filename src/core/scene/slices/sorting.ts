import { schema } from "../../schema";
import { CardId, MAX_FAMILIES } from "../../views/kinds/cards";
import { ViewId } from "../../views/view-id";
import { type Draft, type ExamplesOf, move, type Slice } from "../slice";
import { orNull, someFlag, someView } from "./examples";

/** How pattern cards are sorted. */
export type Sorted = {
  /** The families, from 0, in which cards lie; the card that was laid last comes last. */
  readonly homes: readonly { readonly card: number; readonly family: number }[];
  /** By family: what the class calls it. */
  readonly names: { readonly [family in number]?: string };
  /** The cards whose rule is told. */
  readonly told: readonly number[];
};
export type Sorting = { readonly sorted: { readonly [view in ViewId]?: Sorted } };

export const UNSORTED: Sorted = { homes: [], names: {}, told: [] };

const change = (draft: Draft, view: ViewId, to: (was: Sorted) => Partial<Sorted>) => {
  const was = draft.sorted[view] ?? UNSORTED;
  draft.sorted = { ...draft.sorted, [view]: { ...was, ...to(was) } };
};

const Family = schema((z) => z.int().check(z.minimum(0), z.maximum(MAX_FAMILIES - 1)));

const moves = [
  /**
   * Lays a pattern card, by its id, in a family, from 0; with `null` back among the others.
   * @example { "do": "sort-card", "view": "cards", "card": 3, "family": 0 }
   */
  move(
    "sort-card",
    (z) => ({ view: ViewId(z), card: CardId(z), family: z.nullable(Family(z)) }),
    (draft, { view, card, family }) =>
      change(draft, view, ({ homes }) => {
        const others = homes.filter((one) => one.card !== card);
        return { homes: family === null ? others : [...others, { card, family }] };
      }),
  ),
  /**
   * What the class calls a family of cards.
   * @example { "do": "name-family", "view": "cards", "family": 0, "name": "They slope down to the left" }
   */
  move(
    "name-family",
    (z) => ({ view: ViewId(z), family: Family(z), name: z.string().check(z.trim(), z.maxLength(60)) }),
    (draft, { view, family, name }) =>
      change(draft, view, ({ names }) => ({ names: { ...names, [family]: name } })),
  ),
  /**
   * Shows the rule of a pattern card, or covers it again.
   * @example { "do": "tell-card", "view": "cards", "card": 3, "on": true }
   */
  move(
    "tell-card",
    (z) => ({ view: ViewId(z), card: CardId(z), on: z.boolean() }),
    (draft, { view, card, on }) =>
      change(draft, view, ({ told }) => {
        const others = told.filter((one) => one !== card);
        return { told: on ? [...others, card] : others };
      }),
  ),
] as const;

export const sorting: Slice<Sorting, typeof moves> = { initial: { sorted: {} }, moves };

export const sortingExamples: ExamplesOf<typeof moves> = {
  "sort-card": (some) => ({
    view: someView(some),
    card: some.whole(1, 6),
    family: orNull(some, () => some.whole(0, 2)),
  }),
  "name-family": (some) => ({
    view: someView(some),
    family: some.whole(0, 2),
    name: some.one(["Columns", "Slopes"]),
  }),
  "tell-card": (some) => ({ view: someView(some), card: some.whole(1, 6), on: someFlag(some) }),
};
