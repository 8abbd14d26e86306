import * as z from "zod/mini";
import type { NumberKey } from "../../number/exact";
import { NumberKeyText } from "../../number/number-schema";
import { move, type Slice } from "../slice";
import { orNull, someNumber } from "./examples";

/** What was done to each of several problems, by its index; and whether their answers were checked. */
export type Working = { readonly work: ReadonlyMap<number, Work>; readonly workChecked: boolean };
/** The jumps on the line of a problem, and the answer in its blank. */
export type Work = { readonly jumps: readonly NumberKey[]; readonly says: NumberKey | null };

const NO_WORK: Work = { jumps: [], says: null };
const MOST_WORK = 100;
const ProblemIndex = z.int().check(z.minimum(0), z.maximum(7));

const moves = [
  /**
   * A jump on the line of a problem.
   * @example { "do": "work", "problem": 0, "by": "-3" }
   */
  move(
    "work",
    { problem: ProblemIndex, by: NumberKeyText },
    (draft, { problem, by }) => {
      const done = draft.work.get(problem) ?? NO_WORK;
      if (done.jumps.length >= MOST_WORK) return;
      draft.work = new Map(draft.work).set(problem, { ...done, jumps: [...done.jumps, by] });
    },
    (some) => ({ problem: some.whole(0, 3), by: String(some.whole(-9, 9)) }),
  ),
  /**
   * Writes a number in the blank of a problem; `null` wipes it away.
   * @example { "do": "answer", "problem": 0, "says": "5" }
   */
  move(
    "answer",
    { problem: ProblemIndex, says: z.nullable(NumberKeyText) },
    (draft, { problem, says }) => {
      draft.work = new Map(draft.work).set(problem, { ...(draft.work.get(problem) ?? NO_WORK), says });
      draft.workChecked = false;
    },
    (some) => ({ problem: some.whole(0, 3), says: orNull(some, () => someNumber(some)) }),
  ),
  /**
   * Takes the jumps and the answer of a problem away.
   * @example { "do": "work-anew", "problem": 0 }
   */
  move(
    "work-anew",
    { problem: ProblemIndex },
    (draft, { problem }) => {
      draft.work = new Map([...draft.work].filter(([index]) => index !== problem));
    },
    (some) => ({ problem: some.whole(0, 3) }),
  ),
  /**
   * Shows which answers belong, until another one is written.
   * @example { "do": "work-check" }
   */
  move(
    "work-check",
    {},
    (draft) => {
      draft.workChecked = true;
    },
    () => ({}),
  ),
] as const;

export const working: Slice<Working, typeof moves> = {
  initial: { work: new Map(), workChecked: false },
  moves,
};
