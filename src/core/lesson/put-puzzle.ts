import { randomOf, type Seed } from "../puzzle/draw";
import { makeTimesPuzzle } from "../puzzle/make-times-puzzle";
import { type Clue, type Spot, type Verdict, verdictOf } from "../puzzle/times-puzzle";
import type { Beat } from "../scene/move";
import { isCoveredAt, type Scene } from "../scene/scene";
import { ALL } from "../set/rule";
import { cellAt, cellKey, isCellKey, numberOf } from "../surface/cell-key";
import { windowCells } from "../surface/times-grid";
import type { ViewId } from "../views/view-id";
import type { Board } from "./board";
import { askedTimesOf, viewOf, windowOf } from "./views-of";

/** Number of attempts to make a puzzle that asks for another square. */
const TRIES = 20;

/**
 * The moves that put a puzzle with one answer on a times grid: its window without row and column numbers, covered but
 * for the clues, and the square asked for. The settings change live only; as prepared the board is as before. Null if
 * the view is not a times grid.
 * @param seed another one for another puzzle; the square asked for now is not asked for again
 */
export function puzzleBeat(board: Board, view: ViewId, scene: Scene, seed: Seed): Beat | null {
  const times = viewOf(board, view);
  if (times?.kind !== "times") return null;
  const { level, rows } = times.puzzle;
  const make = (nth: number) => {
    const made = makeTimesPuzzle(level, rows, randomOf(seed, nth));
    const key = ({ row, column }: Spot) => cellKey(made.at.row + row, made.at.column + column);
    return { ...made, key };
  };
  let puzzle = make(0);
  for (let nth = 1; nth < TRIES && puzzle.key(puzzle.asked) === scene.asked?.number; nth += 1)
    puzzle = make(nth);
  const { key } = puzzle;
  const window = {
    ...times,
    rows: puzzle.rows,
    columns: puzzle.columns,
    rowNames: "absent",
    columnNames: "absent",
    covers: "empty",
  } as const;
  return [
    { do: "set", setting: { of: "view", is: window } },
    { do: "set", setting: { of: "fill", is: { ...board.fill, by: "home" } } },
    { do: "slide", view: times.id, ...puzzle.at },
    { do: "clear-marks", ink: null },
    { do: "erase", number: null },
    { do: "focus", number: null },
    { do: "cover", numbers: ALL },
    { do: "lift", numbers: puzzle.clues.map(key) },
    { do: "ask", number: key(puzzle.asked), as: "place" },
  ];
}

/**
 * Whether the numbers that show in the window determine the cell asked for. Null where nothing is asked, or where the
 * names of rows and columns tell it anyhow.
 */
export function verdictOn(board: Board, scene: Scene): Verdict | null {
  const times = askedTimesOf(board);
  const asked = scene.asked?.as === "place" ? scene.asked.number : null;
  if (!times || asked === null || !isCellKey(asked)) return null;
  if (times.rowNames === "shown" && times.columnNames === "shown") return null;
  const at = windowOf(times, scene);
  const spot = (cell: `r${number}c${number}`) => {
    const { row, column } = cellAt(cell);
    return { row: row - at.row, column: column - at.column };
  };
  const clues = windowCells(times, at)
    .filter((cell) => !isCoveredAt(scene, cell) || scene.written.get(cell) === numberOf(cell))
    .map((cell): Clue => ({ ...spot(cell), value: Number(numberOf(cell)) }));
  return verdictOf({ clues, asked: spot(asked) });
}
