import type { Arrow } from "../count/route";
import type { NumberKey } from "../number/exact";
import { showNumber } from "../number/show-number";
import type { ChartSettings } from "./chart";
import { neighbourOf } from "./neighbours";

/** One arrow's move: the jump it makes, and where it lands; or what is said where it would leave the chart. */
export type ArrowMove = { ok: true; by: NumberKey; number: NumberKey } | { ok: false; message: string };

/** Where an arrow leads from a number of the chart. */
export function moveByArrow(chart: ChartSettings, from: NumberKey, arrow: Arrow): ArrowMove {
  const beside = neighbourOf(chart, from, arrow);
  if (beside) return { ok: true, by: beside.by, number: beside.number };
  return { ok: false, message: `The chart ends here: nothing stands ${WHERE[arrow]} ${showNumber(from)}.` };
}

const WHERE: Record<Arrow, string> = { left: "left of", right: "right of", up: "above", down: "below" };

/** The numbers that arrows come to from a start, in order; as far as the chart goes. */
export function routeOf(chart: ChartSettings, start: NumberKey, arrows: readonly Arrow[]): NumberKey[] {
  const met: NumberKey[] = [];
  let at = start;
  for (const arrow of arrows) {
    const move = moveByArrow(chart, at, arrow);
    if (!move.ok) return met;
    at = move.number;
    met.push(at);
  }
  return met;
}
