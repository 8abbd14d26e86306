import { countedIn } from "../../number/counted-in";
import type { KindField } from "../../views/kind";
import * as z from "../../zod";
import { CHART_SPAN, range, say } from "./parts";
import { whole } from "./recipe";

/** A count from one number to another in equal jumps, forwards or back. */
export const COUNTED = { by: whole(1, 1000), from: whole(-1_000, 10_000), to: whole(-1_000, 10_000) };
const Counted = z.object(COUNTED);
export type Counted = z.infer<typeof Counted>;

export const COUNTED_FIELDS: readonly KindField[] = [
  { part: "by", label: "Count in", whole: { min: 1, max: 1000 } },
  { part: "from", label: "From", whole: { min: -1_000, max: 10_000 } },
  { part: "to", label: "Up or down to", whole: { min: -1_000, max: 10_000 } },
];

/** Maximum number of jumps in a count that a stair is written for. */
const MAX_JUMPS = 40;

/** The numbers of a count, its start first. */
export const countOf = ({ by, from, to }: Counted): number[] =>
  range(0, Math.abs(to - from), by).map((far) => (to < from ? from - far : from + far));

/** The jump of a count, with its sign. */
export const jumpOfCount = ({ by, from, to }: Counted): number => (to < from ? -by : by);

/** "Count in 7s from 0", "Count back in 10s from 94". */
export const countWords = ({ by, from, to }: Counted): string =>
  `Count ${to < from ? "back " : ""}in ${countedIn(String(by))} from ${say(from)}`;

/** Why a count cannot be a stair on a chart; null if it can. */
export function countFault(counted: Counted, leastJumps: number): string | null {
  const { by, from, to } = counted;
  const far = Math.abs(to - from);
  if (far > CHART_SPAN)
    return `A chart shows a count of at most ${CHART_SPAN}. Choose numbers closer together.`;
  if (far < by * leastJumps) {
    const enough = from + by * leastJumps;
    return `That is fewer than ${leastJumps} jumps. Count on to ${say(enough)} or further.`;
  }
  if (far > by * MAX_JUMPS) return `That is more than ${MAX_JUMPS} jumps. Choose numbers closer together.`;
  if (far % by === 0) return null;
  const [before, after] = [Math.floor(far / by), Math.ceil(far / by)].map((jumps) =>
    say(to < from ? from - jumps * by : from + jumps * by),
  );
  return `${countWords(counted)} comes to ${before} and ${after}, not to ${say(to)}.`;
}
