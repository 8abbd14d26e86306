import { keyOf, type NumberKey } from "../number/exact";
import { type LineMarks, lineMarks } from "../scene/line-marks";
import { sceneOfView } from "../scene/own";
import { type PlaceState, placeState } from "../scene/place-state";
import type { Scene } from "../scene/scene";
import { type ChartSettings, gridOf, numberAt } from "../surface/chart";
import { numberOf, type Target } from "../surface/place-key";
import { type TimesSettings, type WindowAt, windowPlaces } from "../surface/times-grid";
import { openBoard, sceneOf, standOn } from "./board-state";
import { boardWith } from "./board-with";
import type { Board } from "./lesson";
import { type LineView, lookOf, pinsOf, viewsOf, windowOf } from "./views-of";

/**
 * How the main view of a board looks at one moment, in plain data that can be sent to a page: row by row from the top
 * left, with nothing for the gap after a short last row.
 */
export type GridLook = { states: (PlaceState | null)[] } & (
  | { settings: ChartSettings }
  | { settings: TimesSettings; at: WindowAt }
);
export type LineLook = { line: LineView; from: NumberKey; to: NumberKey; marks: LineMarks };
export type BoardLook = GridLook | LineLook;

/** How a chart looks in a scene. */
export function chartLook(settings: ChartSettings, scene: Scene): GridLook {
  const { columns, rows } = gridOf(settings);
  const states = Array.from({ length: columns * rows }, (_, i) => {
    const number = numberAt(settings, { row: Math.floor(i / columns), column: i % columns });
    return number === null ? null : placeState(scene, number);
  });
  return { settings, states };
}

/** How a line looks in a scene. */
export function lineLook(line: LineView, scene: Scene, pins: readonly NumberKey[] = []): LineLook {
  const span = lookOf(line, scene);
  return { line, from: keyOf(span.from), to: keyOf(span.to), marks: lineMarks(line, span, scene, pins) };
}

const looks = new WeakMap<Board, BoardLook | null>();

/**
 * How the main view of a board looks on its first step; null for a board without any that can be drawn small. Further up
 * the stair stands what the class is still to find, and a shelf is seen by the class too. Worked out once for a board.
 */
export function boardLook(prepared: Board): BoardLook | null {
  const known = looks.get(prepared);
  if (known !== undefined) return known;
  const look = lookAt(prepared);
  looks.set(prepared, look);
  return look;
}

function lookAt(prepared: Board): BoardLook | null {
  const shown = sceneOf(standOn(openBoard(prepared), Math.min(1, prepared.stair.length)));
  const board = boardWith(prepared, shown.settings);
  const [main] = viewsOf(board, "chart", "times", "line", "strip");
  if (!main) return null;
  const scene = sceneOfView(main, shown);
  if (main.kind === "chart") return chartLook(main, scene);
  if (main.kind !== "times") return lineLook(main, scene, pinsOf(board));
  const at = windowOf(main, scene);
  return { settings: main, at, states: windowPlaces(main, at).map((place) => placeState(scene, place)) };
}

/** The numbers of a look, row by row, null in the gap after a short last row. */
export function numbersOfLook(look: GridLook): (string | null)[] {
  if ("at" in look) return windowPlaces(look.settings, look.at).map((place: Target) => numberOf(place));
  const { columns } = gridOf(look.settings);
  const { settings } = look;
  return look.states.map((_, i) => numberAt(settings, { row: Math.floor(i / columns), column: i % columns }));
}
