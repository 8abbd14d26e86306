import { type Beyond, beyondOf } from "@/core/set/finder/beyond";
import { type Answer, findRules } from "@/core/set/finder/find-rules";
import type { Squares } from "@/core/set/squares";

/** A question to the finder. A later question replaces an earlier one. */
export type FinderAsk = {
  readonly id: number;
  readonly numbers: readonly string[];
  readonly shaded: readonly string[];
  readonly unknown: readonly string[];
  readonly squares: Squares | null;
};
export type FinderAnswer = {
  readonly id: number;
  readonly answers: readonly Answer[];
  /** What the first of them does beyond the chart; null where it is about this chart alone. */
  readonly beyond: Beyond | null;
};

/** How long it works before it checks for a newer question, in milliseconds. */
const SLICE = 12;

let latest = 0;

/** A thin wrapper around core's finder. */
self.onmessage = ({ data }: MessageEvent<FinderAsk>) => {
  latest = data.id;
  void answer(data);
};

async function answer({ id, numbers, shaded, unknown, squares }: FinderAsk) {
  const search = findRules({ numbers, shaded: new Set(shaded), unknown: new Set(unknown), squares });
  let until = performance.now() + SLICE;
  for (let step = search.next(); ; step = search.next()) {
    if (step.done) {
      const [first] = step.value;
      const beyond = first ? beyondOf(first.rule, numbers) : null;
      self.postMessage({ id, answers: step.value, beyond } satisfies FinderAnswer);
      return;
    }
    if (performance.now() < until) continue;
    await new Promise((resolve) => setTimeout(resolve));
    if (id !== latest) return;
    until = performance.now() + SLICE;
  }
}

// Said once, as soon as it can be asked.
self.postMessage("there");
