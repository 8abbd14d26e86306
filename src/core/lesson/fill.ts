import { keyOfText, type NumberKey } from "../number/exact";
import { scaleTicks } from "../puzzle/scale";
import { isCoveredAt, type Scene } from "../scene/scene";
import { numberOf, type Target } from "../surface/cell-key";
import type { Board } from "./board";
import { boardCells, boardHolds, chartOf, linesOf, lookOf, timesOf } from "./views-of";

const isRight = (scene: Scene, target: Target) => scene.written.get(target) === numberOf(target);

/** The covered numbers among these in whose places the right number has not been written yet. */
export function openAmong(scene: Scene, numbers: readonly Target[]): Target[] {
  return numbers.filter((number) => isCoveredAt(scene, number) && !isRight(scene, number));
}

/** The numbers among these that show: not covered, or written in their cells. */
export function showingAmong(scene: Scene, numbers: readonly Target[]): Target[] {
  return numbers.filter((number) => !isCoveredAt(scene, number) || isRight(scene, number));
}

/** The numbers among these whose cells carry something written, and whether it is right there. */
export function writtenAmong(scene: Scene, numbers: readonly Target[]): { right: Target[]; wrong: Target[] } {
  const filled = numbers.filter((number) => scene.written.has(number) && isCoveredAt(scene, number));
  return {
    right: filled.filter((one) => isRight(scene, one)),
    wrong: filled.filter((one) => !isRight(scene, one)),
  };
}

/** The numbers that the teacher has chosen to be placed, as far as the board has them. */
function chosenOf(board: Board): NumberKey[] {
  const holds = boardHolds(board);
  return [...new Set((board.fill.numbers ?? []).map(keyOfText))].filter(holds);
}

/** All that can be placed on a board, or has been: what can be touched on it, and the numbers that were chosen. */
export function placeTargets(board: Board, scene: Scene): Target[] {
  return [...new Set<Target>([...boardCells(board, scene), ...chosenOf(board), ...scene.written.keys()])];
}

/**
 * The numbers that may be asked for next: those that were chosen, else what is covered; and on a line with nothing
 * covered the numbers at its ticks that have no label of their own. Those that were placed are not among them.
 */
export function numbersToPlace(board: Board, scene: Scene): Target[] {
  const chosen = chosenOf(board);
  const left = (numbers: readonly Target[]) => numbers.filter((number) => !scene.written.has(number));
  if (chosen.length > 0) return left(chosen);
  const covered = openAmong(scene, boardCells(board, scene));
  const [line] = linesOf(board);
  if (covered.length > 0 || !line || chartOf(board) || timesOf(board)) return covered;
  return left(scaleTicks(line, lookOf(line, scene)));
}

/** How many numbers make a round. */
export const goalOf = (board: Board): number => chosenOf(board).length || board.fill.goal;

/** Whether a times grid stands as a puzzle: without the numbers of its rows and columns. */
export function isPuzzle(board: Board): boolean {
  const times = timesOf(board);
  return times !== undefined && times.rowNames === "absent" && times.columnNames === "absent";
}
