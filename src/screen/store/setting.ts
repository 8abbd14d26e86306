import { stopsOf } from "@/core/count/trail";
import type { Board } from "@/core/lesson/board";
import { boardNumbers } from "@/core/lesson/views-of";
import type { NumberKey } from "@/core/number/exact";
import type { Move } from "@/core/scene/move";
import { inksAt, numbersWith } from "@/core/scene/scene";
import type { Setting } from "@/core/scene/setting";
import { hasInk, type Ink } from "@/core/set/ink";
import type { Target } from "@/core/surface/cell-key";
import type { WindowAt } from "@/core/surface/times-grid";
import type { View } from "@/core/views/view";
import type { ViewId } from "@/core/views/view-id";
import { say } from "@/kit/messages";
import { boardInHand, boardNow, sceneInHand } from "./on-show";
import type { Part } from "./part";
import { settingUp } from "./setting-up";

type PenMove = Extract<Move, { do: "pen" | "note" | "rub" | "wipe-pen" }>;

/** Acts on the board other than touching its numbers. */
export type SettingPart = {
  /** Slides the window of a times grid to a new start; its consecutive slides are taken back together. */
  slideTo: (view: ViewId, at: WindowAt) => void;
  wonder: (view: ViewId, side: "right" | "below") => void;
  /** Makes a number stand out, or ordinary again: the one in focus, if no other is given. */
  standOut: (number?: Target | null) => void;
  /** Clears the marks of an ink, or all; a count that was marked starts again. */
  clearMarks: (ink: Ink | null) => void;
  /** Shows or hides the neighbours of the number in focus; of another one, which then becomes the focus. */
  showGuides: (number?: Target | null) => void;
  /** Adds strokes and notes, or removes some. */
  drawn: (move: PenMove) => void;
  /** Changes a setting of the board: in the lesson while preparing, live in class. */
  setTo: (setting: Setting | ((board: Board) => Setting)) => void;
  /** A view set up anew, while the board is prepared. */
  layView: (view: View | ((board: Board) => View)) => void;
};

export const settingPart: Part<SettingPart> = ({ getState: get }) => ({
  slideTo: (view, { row, column }) => get().grow(`slide ${view}`, [{ do: "slide", view, row, column }]),
  wonder: (view, side) => get().add([{ do: "wonder", view, side }]),
  standOut: (number = null) => {
    const scene = sceneInHand(get());
    const focus = number ?? scene.focus;
    if (focus === null) return say("Touch the number that is to stand out first.");
    const out = numbersWith(scene, "stand-out", [focus]).length > 0;
    get().add([{ do: out ? "stand-back" : "stand-out", numbers: [focus] }]);
  },
  clearMarks: (ink) => {
    const scene = sceneInHand(get());
    const { trail } = scene;
    const carries = (number: NumberKey) => {
      const inks = inksAt(scene, number);
      return ink === null ? inks !== 0 : hasInk(inks, ink);
    };
    const wasMarked = trail !== null && [...stopsOf(trail).keys(), trail.start].some(carries);
    get().add([{ do: "clear-marks", ink }, ...(wasMarked ? [{ do: "clear-trail" } as const] : [])]);
  },
  showGuides: (number = null) => {
    const scene = sceneInHand(get());
    if (number !== null && number !== scene.focus)
      return get().add([
        { do: "focus", number },
        { do: "guides", on: true },
      ]);
    const first = boardNumbers(boardInHand(get()), scene)[0];
    // Without a number in focus there are no neighbours: start at the first number.
    const talk: Move[] = scene.focus === null && first !== undefined ? [{ do: "focus", number: first }] : [];
    get().add([{ do: "guides", on: !scene.guides }, ...(scene.guides ? [] : talk)]);
  },
  drawn: (move) => {
    // One pass of the rubber is taken back with one touch.
    if (move.do === "rub") return get().grow("rub", [move]);
    get().ends("rub");
    get().add([move]);
  },
  setTo: (next) => {
    // A press right after typing is about the board with the typed change, even if that is not rendered yet.
    const setting = () => (typeof next === "function" ? next(boardNow(get())) : next);
    if (!get().preparing) return get().add([{ do: "set", setting: setting() }]);
    settingUp.with(({ prepareSetting }) => {
      const to = setting();
      get().change((state) => prepareSetting(state, to));
    });
  },
  layView: (next) =>
    settingUp.with(({ prepareView }) => {
      const view = typeof next === "function" ? next(boardNow(get())) : next;
      get().change((state) => prepareView(state, view));
    }),
});
