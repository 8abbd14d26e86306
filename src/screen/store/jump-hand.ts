import type { Way } from "@/core/count/bridge";
import type { NumberKey } from "@/core/number/exact";

/** The pages of the jump panel: one thing at a time, so that each is whole beside the board. */
export type JumpPage = "jump" | "to" | "sentence" | "one" | "all";

/** The settings for the next jumps: not on the board, so nothing to take back. They belong to the board on show. */
export type JumpHand = {
  by: NumberKey;
  times: number;
  /** Where a way begins; null for the trail's landing. */
  from: NumberKey | null;
  target: NumberKey | null;
  way: Way;
  /** How each term of a typed sentence is drawn. */
  sentenceWay: Way;
  /** The selected jump, to be split or joined; null for the last one. */
  chosen: number | null;
  page: JumpPage;
};
export const EMPTY_JUMP: JumpHand = {
  by: "10",
  times: 1,
  from: null,
  target: null,
  way: "gathered",
  sentenceWay: "one",
  chosen: null,
  page: "jump",
};
