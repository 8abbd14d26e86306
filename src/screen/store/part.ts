import type { StoreApi } from "zustand/vanilla";
import type { BoardScreenState } from "./board-store";

export type Store = StoreApi<BoardScreenState>;

/** A part of the board screen's store: what it holds, and what changes it. */
export type Part<T> = (store: Store) => T;
