import type { LineView } from "@/core/lesson/views-of";
import { slides } from "@/core/surface/line";
import type { Edges, Size } from "../drawing";

/** Whether a line can be slid and zoomed, and whether its scale can be read: the purposes of the buttons under it. */
export const moves = slides;
export const reads = (line: LineView): boolean => !(line.kind === "line" && line.open);

const EDGE = 8;
/**
 * In a room this small the line uses all of it: fingers slide it, and the tools read it. Buttons in two rows need a higher
 * one.
 */
const SMALL = { width: 304, height: 176, twoRows: 224 };
/** The height of a button under a line and the room below it; how wide those for moving and for reading are, with the gap. */
const [BUTTON, BELOW] = [44, 6];
const [MOVES, READS, GAP] = [336, 158, 24];

/** The edges between the card of a line and the line, below it those of its buttons, on an ordinary screen. */
export function lineEdges(line: LineView, card: Size): Edges {
  const buttons = (moves(line) ? 1 : 0) + (reads(line) ? 1 : 0);
  const rows = buttons === 2 && MOVES + GAP + READS > card.width ? 2 : 1;
  const least = rows === 2 ? SMALL.twoRows : SMALL.height;
  const small = card.width <= SMALL.width || card.height <= least;
  if (small || buttons === 0) return [EDGE, EDGE, 0, EDGE];
  return [EDGE, EDGE, rows * BUTTON + BELOW, EDGE];
}
