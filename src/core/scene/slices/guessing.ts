import type { NumberKey } from "../../number/exact";
import { NumberKeyText } from "../../number/number-schema";
import { isRight, SAID, type Said } from "../../puzzle/higher-lower";
import { ViewId } from "../../views/view-id";
import { type Draft, type ExamplesOf, move, type Slice } from "../slice";
import { someNumber, someView } from "./examples";

export type Guessed = {
  /** The number that is shown. */
  readonly at: NumberKey | null;
  /** The number drawn after it. */
  readonly next: NumberKey | null;
  readonly said: Said | null;
  /** The next number is shown, and whether the guess was right. */
  readonly told: boolean;
  /** How many guesses were right in a row. */
  readonly run: number;
};
export type Guessing = { readonly guessed: { readonly [view in ViewId]?: Guessed } };

export const NOT_BEGUN: Guessed = { at: null, next: null, said: null, told: false, run: 0 };

const change = (draft: Draft, view: ViewId, to: (was: Guessed) => Partial<Guessed>) => {
  const was = draft.guessed[view] ?? NOT_BEGUN;
  draft.guessed = { ...draft.guessed, [view]: { ...was, ...to(was) } };
};

const moves = [
  /**
   * The next number, covered, after the one that was shown last; the first one is shown at once.
   * @example { "do": "draw-next", "view": "higher-lower", "number": "62" }
   */
  move(
    "draw-next",
    (z) => ({ view: ViewId(z), number: NumberKeyText(z) }),
    (draft, { view, number }) =>
      change(draft, view, ({ at, next }) =>
        at === null ? { at: number } : { at: next ?? at, next: number, said: null, told: false },
      ),
  ),
  /**
   * Says of the next number that it is `higher` or `lower`, until it is shown.
   * @example { "do": "guess", "view": "higher-lower", "says": "higher" }
   */
  move(
    "guess",
    (z) => ({ view: ViewId(z), says: z.enum(SAID) }),
    (draft, { view, says }) => change(draft, view, ({ told }) => (told ? {} : { said: says })),
  ),
  /**
   * Shows the next number, and whether what was said of it is right.
   * @example { "do": "show-next", "view": "higher-lower" }
   */
  move(
    "show-next",
    (z) => ({ view: ViewId(z) }),
    (draft, { view }) =>
      change(draft, view, ({ at, next, said, told, run }) => {
        if (told || at === null || next === null || said === null) return {};
        return { told: true, run: isRight(said, at, next) ? run + 1 : 0 };
      }),
  ),
] as const;

export const guessing: Slice<Guessing, typeof moves> = { initial: { guessed: {} }, moves };

export const guessingExamples: ExamplesOf<typeof moves> = {
  "draw-next": (some) => ({ view: someView(some), number: someNumber(some) }),
  guess: (some) => ({ view: someView(some), says: some.one(SAID) }),
  "show-next": (some) => ({ view: someView(some) }),
};
