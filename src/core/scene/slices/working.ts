import type { NumberKey } from "../../number/exact";
import { NumberKeyText } from "../../number/number-schema";
import { schema } from "../../schema";
import { MAX_PROBLEMS } from "../../views/kinds/problems";
import { ViewId } from "../../views/view-id";
import { type Draft, type ExamplesOf, move, type Slice } from "../slice";
import { orNull, someNumber, someView } from "./examples";

/** By view: what was done to each of its problems, by its index, and whether their answers were checked. */
export type Working = { readonly work: { readonly [view in ViewId]?: WorkOfView } };
export type WorkOfView = { readonly done: ReadonlyMap<number, Work>; readonly checked: boolean };
/** The jumps on the line of a problem, and the answer in its blank. */
export type Work = { readonly jumps: readonly NumberKey[]; readonly says: NumberKey | null };

const NO_WORK: Work = { jumps: [], says: null };
export const NO_WORK_YET: WorkOfView = { done: new Map(), checked: false };
const MAX_WORK = 100;
/** One past the last index names a problem that was removed: none that is added later is taken for it. */
const ProblemIndex = schema((z) => z.int().check(z.minimum(0), z.maximum(MAX_PROBLEMS)));

/** Replaces the work done in a view. */
function change(draft: Draft, view: ViewId, next: (work: WorkOfView) => Partial<WorkOfView>): void {
  const now = draft.work[view] ?? NO_WORK_YET;
  draft.work = { ...draft.work, [view]: { ...now, ...next(now) } };
}

const moves = [
  /**
   * A jump on the line of a problem.
   * @example { "do": "work", "view": "problems", "problem": 0, "by": "-3" }
   */
  move(
    "work",
    (z) => ({ view: ViewId(z), problem: ProblemIndex(z), by: NumberKeyText(z) }),
    (draft, { view, problem, by }) =>
      change(draft, view, ({ done }) => {
        const work = done.get(problem) ?? NO_WORK;
        if (work.jumps.length >= MAX_WORK) return {};
        return { done: new Map(done).set(problem, { ...work, jumps: [...work.jumps, by] }) };
      }),
  ),
  /**
   * Writes a number in the blank of a problem; `null` wipes it away.
   * @example { "do": "answer", "view": "problems", "problem": 0, "says": "5" }
   */
  move(
    "answer",
    (z) => ({ view: ViewId(z), problem: ProblemIndex(z), says: z.nullable(NumberKeyText(z)) }),
    (draft, { view, problem, says }) =>
      change(draft, view, ({ done }) => ({
        done: new Map(done).set(problem, { ...(done.get(problem) ?? NO_WORK), says }),
        checked: false,
      })),
  ),
  /**
   * Takes the jumps and the answer of a problem away.
   * @example { "do": "work-anew", "view": "problems", "problem": 0 }
   */
  move(
    "work-anew",
    (z) => ({ view: ViewId(z), problem: ProblemIndex(z) }),
    (draft, { view, problem }) =>
      change(draft, view, ({ done }) => ({
        done: new Map([...done].filter(([index]) => index !== problem)),
      })),
  ),
  /**
   * Shows which answers belong, until another one is written.
   * @example { "do": "work-check", "view": "problems" }
   */
  move(
    "work-check",
    (z) => ({ view: ViewId(z) }),
    (draft, { view }) => change(draft, view, () => ({ checked: true })),
  ),
] as const;

export const working: Slice<Working, typeof moves> = { initial: { work: {} }, moves };

export const workingExamples: ExamplesOf<typeof moves> = {
  work: (some) => ({ view: someView(some), problem: some.whole(0, 3), by: String(some.whole(-9, 9)) }),
  answer: (some) => ({
    view: someView(some),
    problem: some.whole(0, 3),
    says: orNull(some, () => someNumber(some)),
  }),
  "work-anew": (some) => ({ view: someView(some), problem: some.whole(0, 3) }),
  "work-check": (some) => ({ view: someView(some) }),
};
