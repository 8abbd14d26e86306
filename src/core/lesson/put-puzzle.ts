import { chanceOf } from "../puzzle/draw";
import { makeTimesPuzzle } from "../puzzle/make-times-puzzle";
import { type Clue, type Verdict, verdictOf } from "../puzzle/times-puzzle";
import { ALL } from "../set/rule";
import { isPlaceKey, numberOf, placeAt, placeKey } from "../surface/place-key";
import { windowPlaces } from "../surface/times-grid";
import { act, type BoardState } from "./board-state";
import type { Board } from "./lesson";
import type { Move } from "./move";
import { isCoveredAt, type Scene } from "./scene";
import { timesOf, windowOf, withMain } from "./views-of";

/**
 * The board with a puzzle of one answer on its times grid, as one change: its window without names, all of it covered
 * but the clues, and the place that is asked for. A board without a times grid stays as it is.
 */
export function putPuzzle(state: BoardState, scene: Scene): BoardState {
  const times = timesOf(state.board);
  if (!times) return state;
  const { level, rows } = times.puzzle;
  const puzzle = makeTimesPuzzle(level, rows, chanceOf(state.board.seed, scene.draws));
  const key = ({ row, column }: { row: number; column: number }) =>
    placeKey(puzzle.at.row + row, puzzle.at.column + column);
  const moves: Move[] = [
    { do: "slide", ...puzzle.at },
    { do: "clear-marks", ink: null },
    { do: "erase", number: null },
    { do: "focus", number: null },
    { do: "cover", numbers: ALL },
    { do: "lift", numbers: puzzle.clues.map(key) },
    { do: "ask", number: key(puzzle.asked), as: "place" },
    { do: "draw" },
  ];
  const board = withMain(state.board, {
    ...times,
    rows: puzzle.rows,
    columns: puzzle.columns,
    rowNames: "absent",
    columnNames: "absent",
    covers: "empty",
  });
  return act({ ...state, board: { ...board, fill: { ...board.fill, by: "home" } } }, [moves]);
}

/**
 * Whether the numbers that show in the window determine the place asked for. Null where nothing is asked, or where the
 * names of rows and columns tell it anyhow.
 */
export function verdictOn(board: Board, scene: Scene): Verdict | null {
  const times = timesOf(board);
  const asked = scene.asked?.as === "place" ? scene.asked.number : null;
  if (!times || asked === null || !isPlaceKey(asked)) return null;
  if (times.rowNames === "shown" && times.columnNames === "shown") return null;
  const at = windowOf(times, scene);
  const spot = (place: `r${number}c${number}`) => {
    const { row, column } = placeAt(place);
    return { row: row - at.row, column: column - at.column };
  };
  const clues = windowPlaces(times, at)
    .filter((place) => !isCoveredAt(scene, place) || scene.written.get(place) === numberOf(place))
    .map((place): Clue => ({ ...spot(place), value: Number(numberOf(place)) }));
  return verdictOf({ clues, asked: spot(asked) });
}
