import { EMPTY_HAND } from "./fill-hand";
import { EMPTY_JUMP } from "./jump-hand";

/** Nothing is under way: the state of a board when it is first shown. */
export const AT_REST = {
  played: null,
  counting: false,
  answerShown: false,
  hand: EMPTY_HAND,
  jump: EMPTY_JUMP,
  routing: false,
  within: null,
} as const;
