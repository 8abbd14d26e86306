import { INKS, Ink } from "../../set/ink";
import { type Aside, setAside } from "../aside";
import { type ExamplesOf, move, type Slice } from "../slice";
import { someInk } from "./examples";

/** A trail that is compared with the trail: it stands beside it. */
export type SetAside = { readonly aside: Aside | null };

const moves = [
  /**
   * The trail stands aside in an ink, to be compared with the next, which takes another ink.
   * @example { "do": "set-aside", "ink": "kelp" }
   */
  move(
    "set-aside",
    (z) => ({ ink: Ink(z) }),
    (draft, { ink }) => {
      if (draft.trail) draft.aside = setAside(draft.trail, ink, draft.aside);
      draft.trail = null;
    },
  ),
  /**
   * No trail stands aside any longer.
   * @example { "do": "bring-back" }
   */
  move(
    "bring-back",
    () => ({}),
    (draft) => {
      draft.aside = null;
    },
  ),
  /**
   * The inks of two trails that are compared, always two.
   * @example { "do": "trail-inks", "trail": "sea", "aside": "sun" }
   */
  move(
    "trail-inks",
    (z) => ({ trail: Ink(z), aside: Ink(z) }),
    (draft, { trail, aside }) => {
      if (draft.aside) draft.aside = { ...draft.aside, ink: aside, beside: trail };
    },
    ({ trail, aside }) => (trail === aside ? "Two trails have two inks." : null),
  ),
] as const;

export const aside: Slice<SetAside, typeof moves> = { initial: { aside: null }, moves, ofNumbers: true };

export const asideExamples: ExamplesOf<typeof moves> = {
  "set-aside": (some) => ({ ink: someInk(some) }),
  "bring-back": () => ({}),
  "trail-inks": (some) => {
    const trail = someInk(some);
    return { trail, aside: some.one(INKS.filter((ink) => ink !== trail)) };
  },
};
