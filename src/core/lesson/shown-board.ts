import * as z from "zod/mini";
import { Board } from "./board";
import type { BoardState } from "./board-state";
import { MAX } from "./bounds";
import { LiveActs } from "./live-acts";

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
