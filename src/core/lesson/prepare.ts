import type { Act, Beat, Move } from "../scene/move";
import type { Setting } from "../scene/setting";
import type { View } from "../views/view";
import { aboutView } from "./about-view";
import { act, type BoardState, sceneOf } from "./board-state";
import { withSetting } from "./board-with";
import { withView } from "./edit-views";
import { viewOf } from "./views-of";

/**
 * Changes a setting of a board while it is prepared. A live change of the same setting is dropped; if a step sets it,
 * it is also set live above that step, to be kept in it.
 */
export function prepareSetting(state: BoardState, setting: Setting): BoardState {
  const bare = withoutLive(state, (move) => move.do === "set" && isAbout(move.setting, setting));
  const { views, ...parts } = sceneOf(bare).settings;
  const byStep = setting.of === "view" ? views?.[setting.is.id] : parts[setting.of];
  if (byStep !== undefined) return act(bare, [[{ do: "set", setting }]]);
  return { ...bare, board: withSetting(bare.board, setting) };
}

/**
 * Sets up a view of a board anew. Live moves that no longer hold go: the part of a line that was slid to, the window of
 * a times grid, the sign between two numbers, the work on a problem.
 */
export function prepareView(state: BoardState, view: View): BoardState {
  const old = viewOf(state.board, view.id);
  const about = aboutView(view, old);
  const setting: Setting = { of: "view", is: view };
  const bare = withoutLive(
    state,
    (move) => about.gone(move) || (move.do === "set" && isAbout(move.setting, setting)),
  );
  const next = { ...bare, board: withView(bare.board, view) };
  const again = about.again(sceneOf(next));
  const isSet = sceneOf(next).settings.views?.[view.id] !== undefined;
  const beat: Move[] = [...(isSet ? [{ do: "set", setting } as const] : []), ...again];
  return beat.length === 0 ? next : act(next, [beat]);
}

/** Whether two settings concern the same part of a board. */
const isAbout = (one: Setting, other: Setting) =>
  one.of === "view" && other.of === "view" ? one.is.id === other.is.id : one.of === other.of;

/** Drops some live moves of a board, on every step. */
function withoutLive(state: BoardState, gone: (move: Move) => boolean): BoardState {
  const isGone = state.live.some((acts) => acts.flat(2).some(gone));
  if (!isGone) return state;
  const beats = (done: Act): Beat[] =>
    done.map((beat) => beat.filter((move) => !gone(move))).filter((beat) => beat.length > 0);
  return { ...state, live: state.live.map((acts) => acts.map(beats).filter((done) => done.length > 0)) };
}
