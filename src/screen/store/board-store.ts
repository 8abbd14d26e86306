import { createStore, type StoreApi } from "zustand/vanilla";
import type { Lesson } from "@/core/lesson/lesson";
import { type BoardsPart, boardsPart } from "./boards";
import { type CountPart, countPart } from "./count";
import { type HandPart, handPart } from "./hand";
import { type PastPart, pastPart } from "./past";
import { type SettingPart, settingPart } from "./setting";
import { type StairPart, stairPart } from "./stair";
import type { Whereabouts } from "./whereabouts";

/** What the board screen holds: the boards with their past, where the teacher is, and what is in her hand. */
export type BoardScreenState = BoardsPart & PastPart & StairPart & CountPart & HandPart & SettingPart;

export type BoardStore = StoreApi<BoardScreenState>;

/** The store of a board screen, on which a lesson is open. */
export const createBoardStore = (lesson: Lesson, where: Whereabouts | null, preparing = false): BoardStore =>
  createStore<BoardScreenState>()((_set, _get, store) => ({
    ...boardsPart(lesson, where, preparing)(store),
    ...pastPart(store),
    ...stairPart(store),
    ...countPart(store),
    ...handPart(store),
    ...settingPart(store),
  }));
