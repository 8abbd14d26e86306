import type { Move } from "../scene/move";
import { MAX_BROUGHT } from "../sheet/kinds/view";
import { makeCopy, type PartSettings, type Sheet, type SheetPart } from "../sheet/sheet";
import type { PaperView } from "../sheet/task";
import { HUNDRED_CHART } from "../surface/chart";
import { kindOfView, type View } from "../views/view";
import type { Board } from "./board";
import { type BoardState, movesOf, sceneOf } from "./board-state";
import { boardWith } from "./board-with";
import { newBoard } from "./new-lesson";
import { boardAround, surfacesOf } from "./views-of";

/**
 * A view of a board as it is now, as a part of a sheet: with the marks, covers and jumps of the board, its count, and the
 * views that this one reads from. Null if more was done on the board than a sheet can keep.
 */
export function partOfView(state: BoardState, view: View): PartSettings | null {
  const moves = [...movesOf(state)];
  if (moves.length > MAX_BROUGHT) return null;
  const board = boardWith(state.board, sceneOf(state).settings);
  const { by, from, way } = board.count;
  const part = { kind: "view", view, moves, size: "large", count: { by, from, way } } as const;
  // A view on which numbers are laid out reads from no other.
  if (kindOfView(view).surface !== undefined) return part;
  return { ...part, beside: surfacesOf(boardAround(board, surfacesOf(board)[0])) };
}

/** The first view of a part on the first copy; null if the part has no view. */
export const viewOnPaper = (sheet: Sheet, part: SheetPart): PaperView | null =>
  makeCopy(sheet, 0)[sheet.parts.indexOf(part)]?.tasks.find((task) => task.view)?.view ?? null;

/** Puts the first view of a part, as printed, on a board of its own: the class sees what pupils have on the table. */
export function boardAsOnPaper(sheet: Sheet, part: SheetPart, id: string): Board | null {
  const view = viewOnPaper(sheet, part);
  if (!view) return null;
  const board = newBoard(id, sheet.title, HUNDRED_CHART);
  const beside = view.beside ?? [];
  return {
    ...board,
    views: [{ ...view.settings, id: "view" } as View, ...beside],
    count: { ...board.count, ...view.count },
    opening: [...view.question, ...beside.map(({ id }): Move => ({ do: "hide", view: id }))],
  };
}
