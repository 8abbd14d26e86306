import * as z from "zod/mini";
import { exact, type NumberKey } from "../../number/exact";
import { NumberKeyText } from "../../number/number-schema";
import { MOST_TIMES } from "../../surface/place-key";
import type { WindowAt } from "../../surface/times-grid";
import { PLACED, PlacedKind } from "../../views/placed";
import { move, type Slice } from "../slice";
import { orNull } from "./examples";

/** Which part of each view is seen, and which views are hidden. */
export type Windows = {
  /** The part of a line that is seen, where it is no longer the whole of it. */
  readonly looks: Looks;
  /** The window of a times grid; null where it is still as the board has it. */
  readonly window: WindowAt | null;
  /** On which side of a times grid the class wonders what comes next. */
  readonly wonder: "right" | "below" | null;
  /** Views that are hidden for now. */
  readonly hidden: readonly PlacedKind[];
};
export type Looks = {
  readonly [view in "line" | "strip"]?: { readonly from: NumberKey; readonly to: NumberKey };
};

const WindowIndex = z.int().check(z.minimum(1), z.maximum(MOST_TIMES));

const moves = [
  /**
   * The part of a `line` or `strip` that is seen.
   * @example { "do": "look", "view": "line", "from": "20", "to": "120" }
   */
  move(
    "look",
    { view: z.enum(["line", "strip"]), from: NumberKeyText, to: NumberKeyText },
    (draft, { view, from, to }) => {
      draft.looks = { ...draft.looks, [view]: { from, to } };
    },
    (some) => ({
      view: some.one(["line", "strip"]),
      from: String(some.whole(-30, 0)),
      to: String(some.whole(1, 30)),
    }),
    ({ from, to }) => (exact(from).compare(exact(to)) < 0 ? null : "Put the smaller number first."),
  ),
  /**
   * Slides the window of a times grid to where it then begins.
   * @example { "do": "slide", "row": 18, "column": 1 }
   */
  move(
    "slide",
    { row: WindowIndex, column: WindowIndex },
    (draft, { row, column }) => {
      draft.window = { row, column };
      draft.wonder = null;
    },
    (some) => ({ row: some.whole(1, 9), column: some.whole(1, 9) }),
  ),
  /**
   * Asks what comes next at the `right` of a times grid or `below` it; with `null` no longer.
   * @example { "do": "wonder", "side": "right" }
   */
  move(
    "wonder",
    { side: z.nullable(z.enum(["right", "below"])) },
    (draft, { side }) => {
      draft.wonder = side;
    },
    (some) => ({ side: orNull(some, () => some.one(["right", "below"] as const)) }),
  ),
  /**
   * Hides a view for now.
   * @example { "do": "hide", "view": "chart" }
   */
  move(
    "hide",
    { view: PlacedKind },
    (draft, { view }) => {
      draft.hidden = [...draft.hidden.filter((one) => one !== view), view];
    },
    (some) => ({ view: some.one(PLACED) }),
  ),
  /**
   * Shows a hidden view again.
   * @example { "do": "show", "view": "chart" }
   */
  move(
    "show",
    { view: PlacedKind },
    (draft, { view }) => {
      draft.hidden = draft.hidden.filter((one) => one !== view);
    },
    (some) => ({ view: some.one(PLACED) }),
  ),
] as const;

export const windows: Slice<Windows, typeof moves> = {
  initial: { looks: {}, window: null, wonder: null, hidden: [] },
  moves,
};
