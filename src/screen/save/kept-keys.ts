import { nanoid } from "nanoid";
import type { Lesson } from "@/core/lesson/lesson";
import { keep, keysFrom } from "./browser-store";
import type { Unsaved } from "./saver";

/*
 * The keys under which a browser stores work on lessons: work not known to be saved, for each window separately, so
 * that no window overwrites another's; and work set aside for the saved lesson, until the teacher drops it.
 */
const UNSAVED = "yellow-stair:unsaved:";
const ASIDE = "yellow-stair:aside:";

/** The key of a window's name. */
export const WINDOW = "yellow-stair:window";

/** The key prefix of unsaved work, all of it or that on one lesson. */
export const unsavedFrom = (id?: string) => (id === undefined ? UNSAVED : `${UNSAVED}${id}:`);
/** The key prefix of work that was set aside. */
export const asideFrom = (id?: string) => (id === undefined ? ASIDE : `${ASIDE}${id}:`);
export const unsavedKey = (id: string, name: string) => unsavedFrom(id) + name;

/** Whether this browser has stored any work on lessons, or on one. */
export const isAnyKept = (id?: string): boolean =>
  [unsavedFrom(id), asideFrom(id)].some((start) => keysFrom(localStorage, start).length > 0);

/** Stores a window's work on a lesson, or deletes it. False if the browser refuses. */
export const keepUnsaved = (id: string, name: string, work: Unsaved | null): boolean =>
  keep(localStorage, unsavedKey(id, name), work);

/** Sets a lesson aside, so that the saved one can be shown instead. False if the browser refuses. */
export const setAsideWork = (id: string, lesson: Lesson): boolean =>
  keep(localStorage, asideFrom(id) + nanoid(8), { at: Date.now(), lesson });

export type WorkAside = { key: string; at: number; lesson: Lesson };

/** Restores what was just deleted. */
export const keepAgain = ({ key, ...aside }: WorkAside): boolean => keep(localStorage, key, aside);

export const forgetWork = (key: string): void => void keep(localStorage, key, null);
