import { exact, keyOf } from "../number/exact";
import type { Act, Beat, Move } from "../scene/move";
import type { Setting } from "../scene/setting";
import { wholeSpan } from "../surface/line";
import { act, type BoardState, sceneOf } from "./board-state";
import { withSetting } from "./board-with";
import type { View } from "./lesson";
import { withView } from "./views-of";

/**
 * A board set to something else by whoever prepares it. What was set by hand in class is given up for it; where a
 * step sets the same, it is set by hand over that step, to be kept in it.
 */
export function prepareSetting(state: BoardState, setting: Setting): BoardState {
  const isSame = (move: Move) => move.do === "set" && move.setting.of === setting.of;
  const bare = withoutLive(state, isSame);
  const byStep = sceneOf(bare).settings[setting.of] !== undefined;
  if (byStep) return act(bare, [[{ do: "set", setting }]]);
  return { ...bare, board: withSetting(bare.board, setting) };
}

/**
 * A board with a view set up anew. What was done by hand about what no longer holds goes: the part of a line that was
 * slid to, the window of a times grid, the sign between two numbers, the work on a problem.
 */
export function prepareView(state: BoardState, view: View): BoardState {
  const old = state.board.views.find(({ kind }) => kind === view.kind);
  const about = movesAbout(view, old);
  const bare = withoutLive(state, (move) => about.gone(move) || isSettingOf(move, view.kind));
  const next = { ...bare, board: withView(bare.board, view) };
  const again = about.again(sceneOf(next));
  const set: Move[] =
    (view.kind === "times" || view.kind === "arrows" || view.kind === "pairs") &&
    sceneOf(next).settings[view.kind] !== undefined
      ? [{ do: "set", setting: { of: view.kind, is: view } as Setting }]
      : [];
  const beat = [...set, ...again];
  return beat.length === 0 ? next : act(next, [beat]);
}

const isSettingOf = (move: Move, kind: View["kind"]) => move.do === "set" && move.setting.of === kind;

type About = {
  /** Moves by hand that are about what no longer holds. */
  gone: (move: Move) => boolean;
  /** What has to be done by hand where a step still says otherwise. */
  again: (scene: ReturnType<typeof sceneOf>) => Move[];
};
const NOTHING: About = { gone: () => false, again: () => [] };

function movesAbout(view: View, old: View | undefined): About {
  switch (view.kind) {
    case "line":
    case "strip": {
      const { kind } = view;
      const { from, to } = wholeSpan(view);
      const same =
        old?.kind === kind &&
        wholeSpan(old).from.equals(from) &&
        wholeSpan(old).to.equals(to) &&
        old.interval === view.interval;
      if (same) return NOTHING;
      return {
        gone: (move) => move.do === "look" && move.view === kind,
        again: ({ looks }) =>
          looks[kind] ? [{ do: "look", view: kind, from: keyOf(from), to: keyOf(to) }] : [],
      };
    }
    case "times": {
      if (old?.kind === "times" && old.row === view.row && old.column === view.column) return NOTHING;
      const { row, column } = view;
      return {
        gone: (move) => move.do === "slide",
        again: ({ window }) => (window ? [{ do: "slide", row, column }] : []),
      };
    }
    case "compare": {
      const same =
        old?.kind === "compare" && ["a", "b"].every((part) => isEqual(view, old, part as "a" | "b"));
      if (same) return NOTHING;
      return {
        gone: (move) => move.do === "compare",
        again: ({ sign }) => (sign ? [{ do: "compare", sign: null }] : []),
      };
    }
    case "problems": {
      const items = old?.kind === "problems" ? old.items : [];
      const isOther = (problem: number) => items[problem] !== view.items[problem];
      return {
        gone: (move) => (move.do === "work" || move.do === "answer") && isOther(move.problem),
        again: ({ work }) =>
          [...work.keys()].filter(isOther).map((problem): Move => ({ do: "work-anew", problem })),
      };
    }
    default:
      return NOTHING;
  }
}

const isEqual = <P extends "a" | "b">(one: Record<P, string>, other: Record<P, string>, part: P) =>
  exact(one[part]).equals(exact(other[part]));

/** The board without some of what was done by hand, on whatever step. */
function withoutLive(state: BoardState, gone: (move: Move) => boolean): BoardState {
  const isGone = state.live.some((acts) => acts.flat(2).some(gone));
  if (!isGone) return state;
  const beats = (done: Act): Beat[] =>
    done.map((beat) => beat.filter((move) => !gone(move))).filter((beat) => beat.length > 0);
  return { ...state, live: state.live.map((acts) => acts.map(beats).filter((done) => done.length > 0)) };
}
