import type { NumberKey } from "@/core/number/exact";
import type { Target } from "@/core/surface/cell-key";
import type { ViewId } from "@/core/views/view-id";

/** What is in hand while filling cells or writing notes: not yet on the board, so nothing to take back. */
export type FillHand = {
  /** The cell being written in, and what was typed for it so far. */
  at: Target | null;
  /** The covered size of jumps that is being written in. */
  term: readonly number[] | null;
  typed: string;
  /** The answer tile for the next touched cell. */
  tile: NumberKey | null;
  /** The next touched cell is the next question. */
  choosing: boolean;
  /** The last message to the pupil. `about` is the cell for which a hint is offered. */
  told: { words: string; good: boolean; about: Target | null } | null;
  /** Where a note was begun by keyboard. */
  noteAt: { view: ViewId; number: Target } | null;
};

export const EMPTY_HAND: FillHand = {
  at: null,
  term: null,
  typed: "",
  tile: null,
  choosing: false,
  told: null,
  noteAt: null,
};
