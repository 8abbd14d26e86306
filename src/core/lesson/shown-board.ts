import * as z from "zod/mini";
import { Beat } from "../scene/move";
import type { BoardState } from "./board-state";
import { Board, MAX } from "./lesson";

const MAX_ACTS = 2000;

/** What was done by hand, an act for each touch, by how many steps were climbed. */
export const LiveActs = z
  .array(z.array(z.array(Beat).check(z.maxLength(MAX_ACTS))).check(z.maxLength(MAX_ACTS)))
  .check(z.maxLength(MAX.steps + 1));

/** A board as it stands in front of a class: how far its stair is climbed, and what was done by hand. */
export const ShownBoard = z.object({
  board: Board,
  climbed: z.int().check(z.minimum(0), z.maximum(MAX.steps)),
  live: LiveActs,
});
export type ShownBoard = z.infer<typeof ShownBoard>;

/** The state that was sent: no further up than the stair goes. */
export const stateOf = ({ board, climbed, live }: ShownBoard): BoardState => ({
  board,
  climbed: Math.min(climbed, board.stair.length),
  live,
});
