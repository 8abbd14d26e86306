import type { SceneSettings, Setting } from "../scene/setting";
import type { Board } from "./board";

/** The board with one setting replaced. A view that the board does not have is not added. */
export function withSetting(board: Board, setting: Setting): Board {
  if (setting.of !== "view") return { ...board, [setting.of]: setting.is };
  const { is } = setting;
  return { ...board, views: board.views.map((view) => (view.id === is.id ? is : view)) };
}

const known = new WeakMap<SceneSettings, WeakMap<Board, Board>>();

/** The individual settings. */
const settingsIn = ({ views = {}, ...parts }: SceneSettings): Setting[] => [
  ...Object.entries(parts).map(([of, is]) => ({ of, is }) as Setting),
  ...Object.values(views).map((is): Setting => ({ of: "view", is })),
];

/** The board with the settings that the scene has changed. Memoised for each board and settings. */
export function boardWith(board: Board, settings: SceneSettings): Board {
  const all = settingsIn(settings);
  if (all.length === 0) return board;
  const made = known.get(settings) ?? new WeakMap<Board, Board>();
  known.set(settings, made);
  const there = made.get(board) ?? all.reduce(withSetting, board);
  made.set(board, there);
  return there;
}
