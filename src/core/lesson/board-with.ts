import type { SceneSettings, Setting } from "../scene/setting";
import type { Board } from "./lesson";

/** The board with a setting in the place of its own. A view that the board does not have is not added. */
export function withSetting(board: Board, setting: Setting): Board {
  switch (setting.of) {
    case "count":
    case "fill":
    case "layout":
      return { ...board, [setting.of]: setting.is };
    case "times":
    case "arrows":
    case "pairs":
      return { ...board, views: board.views.map((view) => (view.kind === setting.of ? setting.is : view)) };
    default:
      return setting satisfies never;
  }
}

const known = new WeakMap<SceneSettings, WeakMap<Board, Board>>();

/** The board as a scene has it: with what was set since it opened. The same one for the same board and settings. */
export function boardWith(board: Board, settings: SceneSettings): Board {
  const all = Object.entries(settings).map(([of, is]) => ({ of, is }) as Setting);
  if (all.length === 0) return board;
  const made = known.get(settings) ?? new WeakMap<Board, Board>();
  known.set(settings, made);
  const there = made.get(board) ?? all.reduce(withSetting, board);
  made.set(board, there);
  return there;
}
