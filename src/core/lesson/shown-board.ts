import { type Checked, schema } from "../schema";
import { Board } from "./board";
import type { BoardState } from "./board-state";
import { MAX } from "./bounds";
import { LiveActs } from "./live-acts";

/** A board as it stands in front of a class: how far its stair is climbed, and what was done by hand. */
export const ShownBoard = schema((z) =>
  z.object({
    board: Board(z),
    climbed: z.int().check(z.minimum(0), z.maximum(MAX.steps)),
    live: LiveActs(z),
  }),
);
export type ShownBoard = Checked<typeof ShownBoard>;

/** The state that was sent, never beyond the end of the stair. */
export const stateOf = ({ board, climbed, live }: ShownBoard): BoardState => ({
  board,
  climbed: Math.min(climbed, board.stair.length),
  live,
});
