import { MAX_COUNTERS, MAX_GROUPS } from "../../views/kinds/groups";
import { ViewId } from "../../views/view-id";
import { type Draft, type ExamplesOf, move, type Slice } from "../slice";
import { withOrWithout } from "./different";
import { someFlag, someView } from "./examples";

/** How equal groups are arranged: in groups, as rows of one group each, or turned so that each group is a column. */
export const ARRANGED = ["groups", "rows", "columns"] as const;

export type Grouped = {
  /** How many groups there are; null as the view has them. */
  readonly groups: number | null;
  /** How many counters lie on numbers. */
  readonly laid: number;
  readonly as: (typeof ARRANGED)[number];
  /**
   * The groups, from 0, that were turned over by hand: their counters are seen instead of hidden, or the other way
   * round.
   */
  readonly turned: readonly number[];
};
export type Grouping = { readonly grouped: { readonly [view in ViewId]?: Grouped } };

export const AS_SET: Grouped = { groups: null, laid: 0, as: "groups", turned: [] };

const change = (draft: Draft, view: ViewId, part: Partial<Grouped>) => {
  draft.grouped = { ...draft.grouped, [view]: { ...(draft.grouped[view] ?? AS_SET), ...part } };
};

const moves = [
  /**
   * So many equal groups, and so many of their counters laid on numbers.
   * @example { "do": "groups", "view": "groups", "groups": 5, "laid": 12 }
   */
  move(
    "groups",
    (z) => ({
      view: ViewId(z),
      groups: z.int().check(z.minimum(0), z.maximum(MAX_GROUPS)),
      laid: z.int().check(z.minimum(0), z.maximum(MAX_COUNTERS)),
    }),
    (draft, { view, groups, laid }) => change(draft, view, { groups, laid }),
  ),
  /**
   * Arranges equal groups in `groups`, in `rows` of one group each, or in `columns`.
   * @example { "do": "arrange", "view": "groups", "as": "rows" }
   */
  move(
    "arrange",
    (z) => ({ view: ViewId(z), as: z.enum(ARRANGED) }),
    (draft, { view, as }) => change(draft, view, { as }),
  ),
  /**
   * Turns a group over, from 0: its counters come out of sight, or are seen again.
   * @example { "do": "turn-group", "view": "groups", "group": 2, "on": true }
   */
  move(
    "turn-group",
    (z) => ({
      view: ViewId(z),
      group: z.int().check(z.minimum(0), z.maximum(MAX_GROUPS - 1)),
      on: z.boolean(),
    }),
    (draft, { view, group, on }) =>
      change(draft, view, { turned: withOrWithout((draft.grouped[view] ?? AS_SET).turned, group, on) }),
  ),
] as const;

export const grouping: Slice<Grouping, typeof moves> = { initial: { grouped: {} }, moves };

export const groupingExamples: ExamplesOf<typeof moves> = {
  groups: (some) => ({ view: someView(some), groups: some.whole(0, 6), laid: some.whole(0, 20) }),
  arrange: (some) => ({ view: someView(some), as: some.one(ARRANGED) }),
  "turn-group": (some) => ({ view: someView(some), group: some.whole(0, 4), on: someFlag(some) }),
};
