import { chanceOf } from "../puzzle/draw";
import { MAX_BROUGHT } from "../sheet/kinds/view";
import { kindOfPart, MAX_SHEET, type PartSettings, type Sheet, type SheetPart } from "../sheet/sheet";
import { HUNDRED_CHART } from "../surface/chart";
import type { View } from "../views/view";
import { type BoardState, movesOf } from "./board-state";
import type { Board } from "./lesson";
import { newBoard } from "./new-lesson";

/** A view as it stands on a board now, as a part of a sheet: with the marks, covers and jumps of the board. */
export function partOfView(state: BoardState, view: View): PartSettings {
  // What a long lesson has done first matters least for what is seen last.
  return { kind: "view", view, moves: [...movesOf(state)].slice(-MAX_BROUGHT), size: "large" };
}

/** The first view of a part as it is printed, on a board of its own: what pupils have on the table stands before the class. */
export function boardAsOnPaper(sheet: Sheet, part: SheetPart, id: string): Board | null {
  const index = sheet.parts.indexOf(part);
  const made = kindOfPart(part.of).make(part.of, chanceOf(sheet.seed, Math.max(0, index)));
  const view = made.tasks.find((task) => task.view)?.view;
  if (!view || index >= MAX_SHEET.parts) return null;
  const board = newBoard(id, sheet.title, HUNDRED_CHART);
  const { from, by, way } = { ...board.count, ...view.count };
  return {
    ...board,
    views: [{ ...view.settings, id: "view" } as View],
    count: { ...board.count, from, by, way },
    opening: [...view.question],
  };
}
