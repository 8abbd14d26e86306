import { type ChartSettings, gridOf, numberAt } from "../surface/chart";
import { numberOf, type Target } from "../surface/place-key";
import { type TimesSettings, type WindowAt, windowPlaces } from "../surface/times-grid";
import { openBoard, sceneOf, standOn } from "./board-state";
import type { Board } from "./lesson";
import { type PlaceState, placeState } from "./place-state";
import type { Scene } from "./scene";
import { chartOf, timesOf, windowOf } from "./views-of";

/**
 * How the main view of a board looks at one moment, in plain data that can be sent to a page: row by row from the top
 * left, with nothing for the gap after a short last row.
 */
export type BoardLook = { states: (PlaceState | null)[] } & (
  | { settings: ChartSettings }
  | { settings: TimesSettings; at: WindowAt }
);

/** How a chart looks in a scene. */
export function chartLook(settings: ChartSettings, scene: Scene): BoardLook {
  const { columns, rows } = gridOf(settings);
  const states = Array.from({ length: columns * rows }, (_, i) => {
    const number = numberAt(settings, { row: Math.floor(i / columns), column: i % columns });
    return number === null ? null : placeState(scene, number);
  });
  return { settings, states };
}

/** How a board looks from the top of its stair; null for a board without a main view. */
export function boardLook(board: Board): BoardLook | null {
  const scene = sceneOf(standOn(openBoard(board), board.stair.length));
  const [chart, times] = [chartOf(board), timesOf(board)];
  if (chart) return chartLook(chart, scene);
  if (!times) return null;
  const at = windowOf(times, scene);
  return { settings: times, at, states: windowPlaces(times, at).map((place) => placeState(scene, place)) };
}

/** The numbers of a look, row by row, null in the gap after a short last row. */
export function numbersOfLook(look: BoardLook): (string | null)[] {
  if ("at" in look) return windowPlaces(look.settings, look.at).map((place: Target) => numberOf(place));
  const { columns } = gridOf(look.settings);
  const { settings } = look;
  return look.states.map((_, i) => numberAt(settings, { row: Math.floor(i / columns), column: i % columns }));
}
