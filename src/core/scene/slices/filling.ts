import type { NumberKey } from "../../number/exact";
import { NumberKeyText } from "../../number/number-schema";
import { type Target, TargetText } from "../../surface/cell-key";
import { type ExamplesOf, move, type Slice } from "../slice";
import { differentKeys } from "./different";
import { orNull, someNumber, someTarget } from "./examples";

/** What was written in covered cells. */
export type Filling = {
  /** By the number in whose cell it stands. */
  readonly written: ReadonlyMap<Target, NumberKey>;
  /** The answers have been checked, and wrong ones are shown. */
  readonly checked: boolean;
};

const moves = [
  /**
   * Writes a number in a covered cell by hand. A number that was asked for there is asked for no longer.
   * @example { "do": "write", "number": "63", "says": "36" }
   */
  move(
    "write",
    (z) => ({ number: TargetText(z), says: NumberKeyText(z) }),
    (draft, { number, says }) => {
      draft.written.set(number, says);
      draft.checked = false;
      if (draft.asked?.number === number) draft.asked = null;
    },
  ),
  /**
   * Wipes away what is written in a cell; with `null`, everywhere.
   * @example { "do": "erase", "number": "63" }
   */
  move(
    "erase",
    (z) => ({ number: z.nullable(TargetText(z)) }),
    (draft, { number }) => {
      if (number === null) draft.written.clear();
      else draft.written.delete(number);
    },
  ),
  /**
   * Shows what was written and does not belong, until something else is written.
   * @example { "do": "check" }
   */
  move(
    "check",
    () => ({}),
    (draft) => {
      draft.checked = true;
    },
  ),
] as const;

export const filling: Slice<Filling, typeof moves> = {
  initial: { written: new Map(), checked: false },
  moves,
  ofNumbers: true,
  *changed(before, after) {
    yield* differentKeys(before.written, after.written);
    if (before.checked !== after.checked) yield* after.written.keys();
  },
};

export const fillingExamples: ExamplesOf<typeof moves> = {
  write: (some) => ({ number: someTarget(some), says: someNumber(some) }),
  erase: (some) => ({ number: orNull(some, () => someTarget(some)) }),
  check: () => ({}),
};
