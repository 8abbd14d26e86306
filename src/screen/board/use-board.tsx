"use client";

import { createContext, type ReactNode, useContext } from "react";
import { useStore } from "zustand";
import { type BoardScreenState, type BoardStore, boardStateOf, sceneNow } from "./board-store";

type BoardStoreState = ReturnType<BoardStore["getState"]>;

const BoardContext = createContext<BoardStore | null>(null);

export function BoardProvider({ store, children }: { store: BoardStore; children: ReactNode }) {
  return <BoardContext value={store}>{children}</BoardContext>;
}

/** The store of the board screen, for handlers. */
export function useBoardStore(): BoardStore {
  const store = useContext(BoardContext);
  if (!store) throw new Error("This part of the board screen stands outside it.");
  return store;
}

/** Part of the board screen's state; redraws when that part is another. */
export function useBoard<T>(pick: (state: BoardStoreState) => T): T {
  return useStore(useBoardStore(), pick);
}

export const pickBoard = (state: BoardScreenState) => boardStateOf(state).board;
export const pickClimbed = (state: BoardScreenState) => boardStateOf(state).climbed;
export const pickScene = (state: BoardScreenState) => sceneNow(state);
