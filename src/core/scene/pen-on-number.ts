import { showNumber } from "../number/show-number";
import { numberOf, type Target } from "../surface/cell-key";
import type { KindName } from "../views/view";

type Point = { x: number; y: number };

/** Number of points in a ring; it goes a little more than once round, as by hand. */
const ROUND = 30;

/** How far a stroke reaches from the middle of a number, in units: a numeral is half a unit high. */
function reachOf(view: KindName, number: Target): Point {
  // On a line it is the number's cell that is ringed, and not its label.
  if (view === "line") return { x: 0.3, y: 0.3 };
  const digits = showNumber(numberOf(number)).length;
  return { x: 0.16 * digits + 0.18, y: 0.42 };
}

/**
 * The stroke by which the keyboard rings a number with the pen, or highlights it.
 * @returns its points in units, relative to the number's cell
 */
export function strokeOn(view: KindName, number: Target, tool: "pen" | "highlighter"): Point[] {
  const reach = reachOf(view, number);
  if (tool === "highlighter") {
    return [
      { x: -reach.x, y: 0 },
      { x: 0, y: 0 },
      { x: reach.x, y: 0 },
    ];
  }
  return Array.from({ length: ROUND + 1 }, (_, i) => {
    const turn = Math.PI * (2.08 * (i / ROUND) - 0.6);
    const wider = 1 + 0.05 * (i / ROUND);
    return { x: reach.x * wider * Math.cos(turn), y: reach.y * wider * Math.sin(turn) };
  });
}
