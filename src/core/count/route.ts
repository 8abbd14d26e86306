import * as z from "zod/mini";
import type { NumberKey } from "../number/exact";
import { exact, keyOf } from "../number/exact";
import { showNumber } from "../number/show-number";
import type { ChartSettings } from "../surface/chart";
import { neighbourOf, SIDES, type Side } from "../surface/neighbours";

/** An arrow of a route on a chart, as it is seen on the page. */
export const Arrow = z.enum(SIDES);
export type Arrow = Side;

/** Most arrows that are laid in a row. */
export const MOST_ARROWS = 20;

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

/**
 * How much a route adds up and down, and how much left and right, the larger first: on a ten-wide chart its tens and
 * its ones. Parts that come to nothing are left out.
 */
export function routeTotals(jumps: readonly NumberKey[], arrows: readonly (Arrow | null)[]): NumberKey[] {
  const total = (isHere: (arrow: Arrow | null) => boolean) =>
    jumps.reduce((sum, by, i) => (isHere(arrows[i] ?? null) ? sum.add(exact(by)) : sum), exact(0));
  const upright = total((arrow) => arrow === "up" || arrow === "down");
  const across = total((arrow) => arrow === "left" || arrow === "right");
  return [upright, across]
    .filter((part) => part.n !== 0n)
    .sort((a, b) => b.abs().compare(a.abs()))
    .map(keyOf);
}
