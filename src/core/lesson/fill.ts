import { keyOfText, type NumberKey } from "../number/exact";
import { scaleTicks } from "../puzzle/scale";
import { isCoveredAt, type Scene } from "../scene/scene";
import { numberOf, type Target } from "../surface/cell-key";
import type { Board } from "./board";
import { boardCells, boardHolds, chartOf, linesOf, lookOf, puzzleOf, timesOf } from "./views-of";

const isRight = (scene: Scene, target: Target) => scene.written.get(target) === numberOf(target);

/** The covered numbers among these that have not been written correctly yet. */
export function openAmong(scene: Scene, numbers: readonly Target[]): Target[] {
  return numbers.filter((number) => isCoveredAt(scene, number) && !isRight(scene, number));
}

/** The visible numbers among these: not covered, or written in their cells. */
export function showingAmong(scene: Scene, numbers: readonly Target[]): Target[] {
  return numbers.filter((number) => !isCoveredAt(scene, number) || isRight(scene, number));
}

/** The numbers among these with something written in their cells, and whether it is right. */
export function writtenAmong(scene: Scene, numbers: readonly Target[]): { right: Target[]; wrong: Target[] } {
  const filled = numbers.filter((number) => scene.written.has(number) && isCoveredAt(scene, number));
  return {
    right: filled.filter((one) => isRight(scene, one)),
    wrong: filled.filter((one) => !isRight(scene, one)),
  };
}

/** The numbers that the teacher chose to be placed, if the board holds them. */
function chosenOf(board: Board): NumberKey[] {
  const holds = boardHolds(board);
  return [...new Set((board.fill.numbers ?? []).map(keyOfText))].filter(holds);
}

/** All numbers that can be or have been placed on a board: those that can be touched, and the chosen ones. */
export function placeTargets(board: Board, scene: Scene): Target[] {
  return [...new Set<Target>([...boardCells(board, scene), ...chosenOf(board), ...scene.written.keys()])];
}

/**
 * The numbers that may be asked for next and have not been placed: the chosen ones, else the covered ones; on a line
 * with nothing covered, the numbers at unlabelled ticks.
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

/** The number of questions in a round. */
export const goalOf = (board: Board): number => chosenOf(board).length || board.fill.goal;

/** Whether a times grid is a puzzle: without row and column numbers. */
export const isPuzzle = (board: Board): boolean => puzzleOf(board) !== undefined;
