import { exact, type NumberKey } from "../../number/exact";
import { NumberKeyText } from "../../number/number-schema";
import { schema } from "../../schema";
import { MAX_TIMES } from "../../surface/cell-key";
import type { WindowAt } from "../../surface/times-grid";
import { ViewId } from "../../views/view-id";
import { type ExamplesOf, move, type Slice } from "../slice";
import { withOrWithout } from "./different";
import { orNull, someView } from "./examples";

/** Which part of each view is seen, and which views are hidden. */
export type Windows = {
  /** By line: the part that is seen, if not the whole. */
  readonly looks: { readonly [line in ViewId]?: { readonly from: NumberKey; readonly to: NumberKey } };
  /** By times grid: its window, if it was moved. */
  readonly windows: { readonly [times in ViewId]?: WindowAt };
  /** By times grid: on which side of it the class wonders what comes next. */
  readonly wonders: { readonly [times in ViewId]?: "right" | "below" | null };
  /** Views that are hidden for now. */
  readonly hidden: readonly ViewId[];
};

const WindowIndex = schema((z) => z.int().check(z.minimum(1), z.maximum(MAX_TIMES)));

const moves = [
  /**
   * The part of a line or strip that is seen.
   * @example { "do": "look", "view": "line", "from": "20", "to": "120" }
   */
  move(
    "look",
    (z) => ({ view: ViewId(z), from: NumberKeyText(z), to: NumberKeyText(z) }),
    (draft, { view, from, to }) => {
      draft.looks = { ...draft.looks, [view]: { from, to } };
    },
    ({ from, to }) => (exact(from).compare(exact(to)) < 0 ? null : "Put the smaller number first."),
  ),
  /**
   * Slides the window of a times grid to where it then begins.
   * @example { "do": "slide", "view": "times", "row": 18, "column": 1 }
   */
  move(
    "slide",
    (z) => ({ view: ViewId(z), row: WindowIndex(z), column: WindowIndex(z) }),
    (draft, { view, row, column }) => {
      draft.windows = { ...draft.windows, [view]: { row, column } };
      draft.wonders = { ...draft.wonders, [view]: null };
    },
  ),
  /**
   * Asks what comes next at the `right` of a times grid or `below` it; with `null` no longer.
   * @example { "do": "wonder", "view": "times", "side": "right" }
   */
  move(
    "wonder",
    (z) => ({ view: ViewId(z), side: z.nullable(z.enum(["right", "below"])) }),
    (draft, { view, side }) => {
      draft.wonders = { ...draft.wonders, [view]: side };
    },
  ),
  /**
   * Hides a view for now.
   * @example { "do": "hide", "view": "chart" }
   */
  move(
    "hide",
    (z) => ({ view: ViewId(z) }),
    (draft, { view }) => {
      draft.hidden = withOrWithout(draft.hidden, view, true);
    },
  ),
  /**
   * Shows a hidden view again.
   * @example { "do": "show", "view": "chart" }
   */
  move(
    "show",
    (z) => ({ view: ViewId(z) }),
    (draft, { view }) => {
      draft.hidden = withOrWithout(draft.hidden, view, false);
    },
  ),
] as const;

export const windows: Slice<Windows, typeof moves> = {
  initial: { looks: {}, windows: {}, wonders: {}, hidden: [] },
  moves,
};

export const windowsExamples: ExamplesOf<typeof moves> = {
  look: (some) => ({
    view: someView(some),
    from: String(some.whole(-30, 0)),
    to: String(some.whole(1, 30)),
  }),
  slide: (some) => ({ view: someView(some), row: some.whole(1, 9), column: some.whole(1, 9) }),
  wonder: (some) => ({
    view: someView(some),
    side: orNull(some, () => some.one(["right", "below"] as const)),
  }),
  hide: (some) => ({ view: someView(some) }),
  show: (some) => ({ view: someView(some) }),
};
