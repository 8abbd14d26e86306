import type { Move } from "../scene/move";
import { listNumbers } from "../set/rule-words";
import { isCellKey, type Target } from "../surface/cell-key";
import type { KindName, View, ViewOf } from "../views/view";
import type { ViewId } from "../views/view-id";
import type { Board } from "./board";
import { withSetting } from "./board-with";
import { boardHolds, surfacesOf, timesOf, viewOf } from "./views-of";

/** A move of a step that no longer makes sense on its board: which one, why, and the numbers that are missing. */
export type StairFault = {
  /** The step, from 1; 0 for the board's opening. */
  readonly level: number;
  readonly beat: number;
  readonly move: number;
  readonly message: string;
  readonly numbers: readonly Target[];
};

/** The individual numbers that a move is about; none if it is about a rule, or about no number. */
function targetsOf(move: Move): readonly Target[] {
  if ("numbers" in move && Array.isArray(move.numbers)) return move.numbers;
  if ((move.do === "ask" || move.do === "write") && move.number !== null) return [move.number];
  return [];
}

/** By kind of view: why a move about something that the view no longer has makes no sense, or null. */
const IN_VIEW: { readonly [K in KindName]?: (view: ViewOf<K>, move: Move) => string | null } = {
  problems: ({ items }, move) =>
    "problem" in move && move.problem >= items.length
      ? "The problem that this is about is no longer on the board."
      : null,
  cards: ({ cards, families }, move) => {
    if ("card" in move && cards.every(({ id }) => id !== move.card))
      return "The card that this is about is no longer on the board.";
    return "family" in move && move.family !== null && move.family >= families
      ? "The family that this is about is no longer on the board."
      : null;
  },
  order: ({ numbers }, move) => {
    const isOfOthers =
      move.do === "put-in-order"
        ? move.order.length !== numbers.length
        : move.do === "sign-between" && move.at > numbers.length - 2;
    return isOfOthers ? "There are more or fewer numbers to put in order now." : null;
  },
};

/** Why a move makes no sense in the view that it names; null if it does, or names none. */
function faultInView(board: Board, move: Move): string | null {
  if (!("view" in move)) return null;
  const view = viewOf(board, move.view as ViewId);
  if (!view) return "The view that this is about is no longer on the board.";
  const faultOf = IN_VIEW[view.kind] as ((view: View, move: Move) => string | null) | undefined;
  return faultOf?.(view, move) ?? null;
}

/** Why a move makes no sense on a board; null if it does. */
function faultIn(board: Board, move: Move): Pick<StairFault, "message" | "numbers"> | null {
  const message = faultInView(board, move);
  if (message !== null) return { message, numbers: [] };
  if (surfacesOf(board).length === 0) return null;
  const holds = boardHolds(board);
  const isThere = (target: Target) => (isCellKey(target) ? timesOf(board) !== undefined : holds(target));
  const numbers = targetsOf(move).filter((target) => !isThere(target));
  if (numbers.length === 0) return null;
  const squares = numbers.some(isCellKey);
  const which = squares ? "Squares of a times grid" : listNumbers(numbers, 6);
  return {
    message: `${which} ${numbers.length === 1 && !squares ? "is" : "are"} not on the board any more.`,
    numbers,
  };
}

/**
 * The moves of a stair that no longer make sense on their board: they are about numbers, views, problems or cards that
 * are gone. Settings made by a step apply from that step on.
 */
export function faultsOf(board: Board): StairFault[] {
  const found: StairFault[] = [];
  let now = board;
  const look = (move: Move, at: Pick<StairFault, "level" | "beat" | "move">) => {
    if (move.do === "set") now = withSetting(now, move.setting);
    const fault = faultIn(now, move);
    if (fault) found.push({ ...at, ...fault });
  };
  board.opening.forEach((move, i) => {
    look(move, { level: 0, beat: 0, move: i });
  });
  for (const [i, { beats }] of board.stair.entries()) {
    for (const [beat, moves] of beats.entries()) {
      for (const [at, move] of moves.entries()) look(move, { level: i + 1, beat, move: at });
    }
  }
  return found;
}

/** Removes some numbers from a move; null if nothing of it is left. */
function without(move: Move, numbers: readonly Target[]): Move | null {
  if (!("numbers" in move) || !Array.isArray(move.numbers)) return null;
  const left = (move.numbers as Target[]).filter((target) => !numbers.includes(target));
  return left.length === 0 ? null : ({ ...move, numbers: left } as Move);
}

/** Removes what no longer makes sense from the moves of a board. The rest of what they do stays. */
export function mended(board: Board, faults: readonly StairFault[]): Board {
  const faultAt = (level: number, beat: number, move: number) =>
    faults.find((one) => one.level === level && one.beat === beat && one.move === move);
  const keep =
    (level: number, beat: number) =>
    (move: Move, at: number): Move[] => {
      const fault = faultAt(level, beat, at);
      if (!fault) return [move];
      const left = without(move, fault.numbers);
      return left ? [left] : [];
    };
  return {
    ...board,
    opening: board.opening.flatMap(keep(0, 0)),
    stair: board.stair.map((step, i) => ({
      ...step,
      beats: step.beats
        .map((moves, beat) => moves.flatMap(keep(i + 1, beat)))
        .filter((moves) => moves.length > 0),
    })),
  };
}
