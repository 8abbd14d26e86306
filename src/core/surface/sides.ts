import { ARROWS, type Arrow } from "../count/route";

/** The four directions from a cell to its neighbours, as seen. */
export const SIDES = ARROWS;
export type Side = Arrow;

/** A direction as rows and columns. */
export const SIDE_STEPS: Record<Side, { row: number; column: number }> = {
  left: { row: 0, column: -1 },
  right: { row: 0, column: 1 },
  up: { row: -1, column: 0 },
  down: { row: 1, column: 0 },
};
