import type { SceneSettings, Setting } from "../scene/setting";
import type { Board } from "./board";

/** The board with a setting in the place of its own. A view that the board does not have is not added. */
export function withSetting(board: Board, setting: Setting): Board {
  if (setting.of !== "view") return { ...board, [setting.of]: setting.is };
  const { is } = setting;
  return { ...board, views: board.views.map((view) => (view.id === is.id ? is : view)) };
}

const known = new WeakMap<SceneSettings, WeakMap<Board, Board>>();

/** What was set, one by one. */
const settingsIn = ({ views = {}, ...parts }: SceneSettings): Setting[] => [
  ...Object.entries(parts).map(([of, is]) => ({ of, is }) as Setting),
  ...Object.values(views).map((is): Setting => ({ of: "view", is })),
];

/** The board as a scene has it: with what was set since it opened. The same one for the same board and settings. */
export function boardWith(board: Board, settings: SceneSettings): Board {
  const all = settingsIn(settings);
  if (all.length === 0) return board;
  const made = known.get(settings) ?? new WeakMap<Board, Board>();
  known.set(settings, made);
  const there = made.get(board) ?? all.reduce(withSetting, board);
  made.set(board, there);
  return there;
}
