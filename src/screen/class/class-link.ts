import { createStore, type StoreApi } from "zustand/vanilla";
import type { BoardState } from "@/core/lesson/board-state";
import type { BoardStore } from "../store/board-store";
import { type ClassKeeper, fromKept, toKeep } from "./class-kept";
import { FromClass, type FromTeacher } from "./class-messages";
import { pointing } from "./pointing";
import { boardMessage, isSameShown, type Shown, showMessage, shownOf } from "./shown-to-class";

/** The relation of a class screen to this window. */
export type ClassLink = {
  /** A class screen is open and has answered recently. */
  follows: boolean;
  /** What it keeps showing while the teacher looks ahead; null if it follows. */
  held: Shown | null;
  blank: boolean;
  hold: (held: boolean) => void;
  setBlank: (blank: boolean) => void;
  /** Her mouse or finger points instead of marking. */
  setPointing: (on: boolean) => void;
};

/** A class screen is asked regularly whether it is still there, and counts as gone if it does not answer. */
const ASK_EVERY_MS = 4_000;
const GONE_AFTER_MS = 10_000;

/**
 * Tells the class screens of this lesson what the class is to see, whenever that changes: the board once, then what is
 * done on it. Preparing is not shown: meanwhile they keep what they show. `close` ends it.
 * @param keeper remembers what they keep showing, also over a reload of this window
 */
export function linkClass(
  channel: BroadcastChannel,
  board: BoardStore,
  isStrong: () => boolean,
  keeper: ClassKeeper,
): { link: StoreApi<ClassLink>; refresh: () => void; hear: (data: unknown) => void; close: () => void } {
  /** What the class screens know: the board, and what was done by hand on it. */
  let told: BoardState | null = null;
  const before = keeper.read();
  const beforeShown = before && fromKept(before.shown, board.getState());
  let kept: Shown = (board.getState().preparing && beforeShown) || shownOf(board.getState());
  let frame = 0;
  let heard = 0;
  const post = (message: FromTeacher) => channel.postMessage(message);
  const tell = () => {
    frame = 0;
    const { held, blank, follows } = link.getState();
    if (!board.getState().preparing) kept = shownOf(board.getState());
    if (!follows) return;
    const shown = held ?? kept;
    const { state } = shown;
    if (told?.board !== state.board) {
      post(boardMessage(state));
      told = { ...state, live: [] };
    }
    post(showMessage(shown, told.live, { strong: isStrong(), blank }));
    told = state;
  };
  const link = createStore<ClassLink>()((set) => ({
    follows: false,
    held: before?.held ? beforeShown : null,
    blank: before?.blank ?? false,
    hold: (held) => {
      // A ring would stay on a held screen.
      pointing.setState({ at: null });
      set({ held: held ? kept : null });
      remember();
      tell();
    },
    setBlank: (blank) => {
      set({ blank });
      remember();
      tell();
    },
    setPointing: (on) => pointing.setState({ on, at: null }),
  }));
  /** Remember what is held while a class screen is there. */
  const remember = () => {
    const { held, blank, follows } = link.getState();
    const { preparing } = board.getState();
    const isStill = held !== null || blank || preparing;
    keeper.write(follows && isStill ? { blank, held: held !== null, shown: toKeep(held ?? kept) } : null);
  };
  /** Several changes within one frame are sent together. */
  const soon = () => {
    frame ||= requestAnimationFrame(tell);
  };
  const forget = board.subscribe((now, was) => {
    if (now.preparing !== was.preparing) remember();
    if (now.preparing || isSameShown(shownOf(now), kept)) return;
    soon();
  });
  let pointed = 0;
  const forgetPointing = pointing.subscribe((now, was) => {
    const { follows, held } = link.getState();
    // A held screen shows an earlier moment: nothing is pointed at on it.
    if (now.at === was.at || !follows || held) return;
    // A moving hand is sent once per frame.
    pointed ||= requestAnimationFrame(() => {
      pointed = 0;
      post({ kind: "point", at: pointing.getState().at });
    });
  });
  const hear = (data: unknown) => {
    const read = FromClass.safeParse(data);
    if (!read.success) return;
    heard = performance.now();
    const { kind } = read.data;
    const follows = kind !== "gone";
    const isOther = follows !== link.getState().follows;
    link.setState({ follows });
    if (isOther) remember();
    if (kind === "hello") told = null;
    // A class screen older than this window knows only what another one sent it.
    if (kind !== "gone" && told === null) tell();
  };
  channel.onmessage = ({ data }) => hear(data);
  const asking = setInterval(() => {
    if (link.getState().follows && performance.now() - heard > GONE_AFTER_MS)
      link.setState({ follows: false });
    post({ kind: "there" });
  }, ASK_EVERY_MS);
  return {
    link,
    refresh: soon,
    hear,
    close: () => {
      forget();
      forgetPointing();
      cancelAnimationFrame(pointed);
      pointing.setState({ on: false, at: null });
      clearInterval(asking);
      cancelAnimationFrame(frame);
    },
  };
}
