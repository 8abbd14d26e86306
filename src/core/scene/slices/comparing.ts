import * as z from "zod/mini";
import { COMPARED, type Compared } from "../../number/compared";
import { INKS, Ink } from "../../set/ink";
import { ViewId } from "../../views/view-id";
import { type Aside, setAside } from "../aside";
import { move, type Slice } from "../slice";
import { orNull, someInk, someView } from "./examples";

/** What is compared: two trails, or two numbers. */
export type Comparing = {
  /** A trail that stands beside the trail. */
  readonly aside: Aside | null;
  /** By view: the sign that was chosen between its two numbers. */
  readonly signs: { readonly [view in ViewId]?: Compared | null };
};

const moves = [
  /**
   * The trail stands aside in an ink, to be compared with the next, which takes another ink.
   * @example { "do": "set-aside", "ink": "kelp" }
   */
  move(
    "set-aside",
    { ink: Ink },
    (draft, { ink }) => {
      if (draft.trail) draft.aside = setAside(draft.trail, ink, draft.aside);
      draft.trail = null;
    },
    (some) => ({ ink: someInk(some) }),
  ),
  /**
   * No trail stands aside any longer.
   * @example { "do": "bring-back" }
   */
  move(
    "bring-back",
    {},
    (draft) => {
      draft.aside = null;
    },
    () => ({}),
  ),
  /**
   * The inks of two trails that are compared, always two.
   * @example { "do": "trail-inks", "trail": "sea", "aside": "sun" }
   */
  move(
    "trail-inks",
    { trail: Ink, aside: Ink },
    (draft, { trail, aside }) => {
      if (draft.aside) draft.aside = { ...draft.aside, ink: aside, beside: trail };
    },
    (some) => {
      const trail = someInk(some);
      return { trail, aside: some.one(INKS.filter((ink) => ink !== trail)) };
    },
    ({ trail, aside }) => (trail === aside ? "Two trails have two inks." : null),
  ),
  /**
   * The sign chosen between two numbers; `null` for none.
   * @example { "do": "compare", "view": "compare", "sign": "<" }
   */
  move(
    "compare",
    { view: ViewId, sign: z.nullable(z.enum(COMPARED)) },
    (draft, { view, sign }) => {
      draft.signs = { ...draft.signs, [view]: sign };
    },
    (some) => ({ view: someView(some), sign: orNull(some, () => some.one(COMPARED)) }),
  ),
] as const;

export const comparing: Slice<Comparing, typeof moves> = { initial: { aside: null, signs: {} }, moves };
