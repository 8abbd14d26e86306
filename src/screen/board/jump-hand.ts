import type { Way } from "@/core/count/bridge";

/** What is set for the next jumps: not on the board, so nothing to take back. */
export type JumpHand = {
  by: string;
  times: string;
  target: string;
  way: Way;
  /** The jump that is split or joined; null for the last one. */
  chosen: number | null;
};
export const EMPTY_JUMP: JumpHand = { by: "10", times: "1", target: "", way: "gathered", chosen: null };
