"use client";

import { createContext, type ReactNode, useContext, useMemo, useSyncExternalStore } from "react";
import { textOn, viewName, viewOf } from "@/core/lesson/views-of";
import type { NumberKey } from "@/core/number/exact";
import type { Scene } from "@/core/scene/scene";
import type { View } from "@/core/views/view";
import { afterPaint } from "@/view/scene/after-paint";
import type { SceneSource } from "@/view/scene/scene-source";
import type { BoardScreenState, BoardStore } from "./board-store";
import { boardInHand, boardNow, boardStateOf, sceneInHand, sceneNow, sceneOn, viewInHand } from "./on-show";

type BoardStoreState = ReturnType<BoardStore["getState"]>;
type BoardParts = { store: BoardStore; late: SceneSource["subscribe"] };

const BoardContext = createContext<BoardParts | null>(null);

export function BoardProvider({ store, children }: { store: BoardStore; children: ReactNode }) {
  const parts = useMemo(() => ({ store, late: afterPaint(store.subscribe) }), [store]);
  return <BoardContext value={parts}>{children}</BoardContext>;
}

/** The board that a view is drawn for: the page may have turned to another one before the view is gone. */
export const DrawnBoard = createContext<string | null>(null);

function useParts(): BoardParts {
  const parts = useContext(BoardContext);
  if (!parts) throw new Error("This part of the board screen stands outside it.");
  return parts;
}

/** The store of the board screen, for handlers. */
export function useBoardStore(): BoardStore {
  return useParts().store;
}

/** Part of the board screen's state; re-renders when it changes, one frame after the cells. */
export function useBoard<T>(pick: (state: BoardStoreState) => T): T {
  const { store, late } = useParts();
  const read = () => pick(store.getState());
  return useSyncExternalStore(late, read, read);
}

/** The same without the delay, for what decides where the next key goes. */
export function useBoardNow<T>(pick: (state: BoardStoreState) => T): T {
  const { store } = useParts();
  const read = () => pick(store.getState());
  return useSyncExternalStore(store.subscribe, read, read);
}

/**
 * The scene of the board on show: at once for its cells, a frame later for what reports about them. For a view with
 * numbers as that view shows them, else as the view in hand has them. Once the page turns to another board, or a view is
 * set otherwise, shown or hidden, the cells that are still drawn keep the scene that belongs to them.
 */
export function useSceneSource(when: "at once" | "after paint", view?: View): SceneSource {
  const { store, late } = useParts();
  const onShow = useBoard((state) => pickPrepared(state).id);
  const drawn = useContext(DrawnBoard) ?? onShow;
  const set = useBoard((state) => sceneNow(state).settings);
  const hidden = useBoard(hiddenIn);
  return useMemo(() => {
    let last: Scene | null = null;
    const read = () => {
      const state = store.getState();
      const isDrawn =
        pickPrepared(state).id === drawn && sceneNow(state).settings === set && hiddenIn(state) === hidden;
      if (isDrawn || last === null) {
        // A view that is rendered once more after the page has turned is still drawn with its own board's scene.
        const at = state.boards.findIndex(({ present }) => present.board.id === drawn);
        const there = at < 0 || at === state.at ? state : { ...state, at, played: null, counting: false };
        last = view ? sceneOn(there, view) : sceneInHand(there);
      }
      return last;
    };
    read();
    return { read, subscribe: when === "at once" ? store.subscribe : late, subscribeLate: late };
  }, [store, late, when, view, drawn, set, hidden]);
}

const hiddenIn = (state: BoardScreenState): string => sceneNow(state).hidden.join(" ");

/** The board on show, with its live settings. */
export const pickBoard = (state: BoardScreenState) => boardNow(state);
/** The same, reduced to what shares its numbers with the view in hand: what tools and panels are about. */
export const pickBoardInHand = (state: BoardScreenState) => boardInHand(state);
/** The board as prepared. */
export const pickPrepared = (state: BoardScreenState) => boardStateOf(state).board;
export const pickClimbed = (state: BoardScreenState) => boardStateOf(state).climbed;
/** How the board on show writes a number, in one line of text: as its line or its chart does. */
export function useNumberText(): (number: NumberKey) => string {
  const board = useBoard(pickBoard);
  return useMemo(() => textOn(board), [board]);
}
/** Sets up a view: a press right after typing is about the view with the typed change. */
export function useLay<V extends View>(view: V): (change: (now: V) => Partial<V>) => void {
  const { store } = useParts();
  return (change) =>
    store.getState().layView((board) => {
      const now = (viewOf(board, view.id) ?? view) as V;
      return { ...now, ...change(now) };
    });
}

/** How a view that keeps its own shows that it is the one in hand, which the count and the tools act on. */
export function useHeldStyle(view: View): string {
  const held = useBoard((state) => view.own === true && viewInHand(state)?.id === view.id);
  return held ? "outline-3 outline-ink -outline-offset-3" : "";
}

/** What a view is called on the board on show. */
export function useViewName(view: View): string {
  return useBoard((state) => viewName(pickBoard(state), view));
}
/** The scene that tools and panels are about: as the view in hand has it. */
export const pickScene = (state: BoardScreenState) => sceneInHand(state);
