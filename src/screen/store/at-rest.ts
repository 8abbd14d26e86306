import { EMPTY_HAND } from "./fill-hand";
import { EMPTY_JUMP } from "./jump-hand";

/** Nothing goes on: as a board is when it comes on show. */
export const AT_REST = {
  played: null,
  counting: false,
  answerShown: false,
  hand: EMPTY_HAND,
  jump: EMPTY_JUMP,
  routing: false,
  within: null,
} as const;
