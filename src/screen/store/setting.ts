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

/** What is done to the board by other than touching its numbers. */
export type SettingPart = {
  /** The window of a times grid slides to where it then begins; slides in a row are taken back together. */
  slideTo: (view: ViewId, at: WindowAt) => void;
  wonder: (view: ViewId, side: "right" | "below") => void;
  /** A number stands out, or is as the others again: the one in focus, where no other is given. */
  standOut: (number?: Target | null) => void;
  /** The marks of an ink away, or all; a count that was marked begins anew with them. */
  clearMarks: (ink: Ink | null) => void;
  /** The neighbours of the number in focus named, or no longer; of another one, which is talked about from then on. */
  showGuides: (number?: Target | null) => void;
  /** Strokes and notes: more of them, or away with some. */
  drawn: (move: PenMove) => void;
  /** Sets the board to something else: in the lesson while it is prepared, and live in class. */
  setTo: (setting: Setting | ((board: Board) => Setting)) => void;
  /** A view set up anew, while the board is prepared. */
  layView: (view: View | ((board: Board) => View)) => void;
};

export const settingPart: Part<SettingPart> = ({ getState: get }) => ({
  slideTo: (view, { row, column }) => get().grow("slide", [{ do: "slide", view, row, column }]),
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
    // With no number in focus there are no neighbours to name: the talk begins at the first.
    const talk: Move[] = scene.focus === null && first !== undefined ? [{ do: "focus", number: first }] : [];
    get().add([{ do: "guides", on: !scene.guides }, ...(scene.guides ? [] : talk)]);
  },
  drawn: (move) => {
    // What one pass of the rubber wipes away comes back with one touch.
    if (move.do === "rub") return get().grow("rub", [move]);
    get().ends("rub");
    get().add([move]);
  },
  setTo: (next) => {
    // What is pressed right after something was typed is about the board as it then is, not as it was drawn.
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
