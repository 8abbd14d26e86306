import type { Pause } from "../count/count-settings";
import { exact, type NumberKey } from "../number/exact";
import { type ChartSettings, cellOf } from "./chart";

/**
 * Whether a count that stands on `from` waits before it goes on to `to`. A new ten begins where the tens change: from
 * 29 to 30, and on the way back from 30 to 29. Without a chart there are no rows.
 */
export function waitsBetween(
  from: NumberKey,
  to: NumberKey,
  pauses: readonly Pause[],
  chart: ChartSettings | undefined,
): boolean {
  return pauses.some((pause) => {
    switch (pause) {
      case "ten":
        return wholesOf(from, 10n) !== wholesOf(to, 10n);
      case "hundred":
        return wholesOf(from, 100n) !== wholesOf(to, 100n);
      case "row": {
        const [a, b] = chart ? [cellOf(chart, from), cellOf(chart, to)] : [null, null];
        return a !== null && b !== null && a.row !== b.row;
      }
      default:
        return pause satisfies never;
    }
  });
}

/** How many whole tens, or hundreds, lie below a number: −1 has −1 of them. */
function wholesOf(number: NumberKey, size: bigint): bigint {
  const value = exact(number).div(exact(size)).floor(0);
  return value.s * value.n;
}
