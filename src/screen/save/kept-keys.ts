import { nanoid } from "nanoid";
import type { Lesson } from "@/core/lesson/lesson";
import { keep, keysFrom } from "./browser-store";
import type { Unsaved } from "./saver";

/*
 * What a browser keeps of lessons: work that is not known to be saved, a window for itself, so that no window forgets
 * what another has; and work that was set aside for the saved lesson, until the teacher lets it go.
 */
const UNSAVED = "yellow-stair:unsaved:";
const ASIDE = "yellow-stair:aside:";

/** Where a window keeps its name. */
export const WINDOW = "yellow-stair:window";

/** How the keys of unsaved work begin, all of it or that on one lesson. */
export const unsavedFrom = (id?: string) => (id === undefined ? UNSAVED : `${UNSAVED}${id}:`);
/** How the keys of work that was set aside begin. */
export const asideFrom = (id?: string) => (id === undefined ? ASIDE : `${ASIDE}${id}:`);
export const unsavedKey = (id: string, name: string) => unsavedFrom(id) + name;

/** Whether this browser keeps anything of lessons, or of one. */
export const isAnyKept = (id?: string): boolean =>
  [unsavedFrom(id), asideFrom(id)].some((start) => keysFrom(localStorage, start).length > 0);

/** Keeps a window's work on a lesson, or forgets it. False where the browser does not keep it. */
export const keepUnsaved = (id: string, name: string, work: Unsaved | null): boolean =>
  keep(localStorage, unsavedKey(id, name), work);

/** Sets a lesson aside, for the saved one to be shown in its place. False where the browser does not keep it. */
export const setAsideWork = (id: string, lesson: Lesson): boolean =>
  keep(localStorage, asideFrom(id) + nanoid(8), { at: Date.now(), lesson });

export type WorkAside = { key: string; at: number; lesson: Lesson };

/** Keeps again what was just forgotten. */
export const keepAgain = ({ key, ...aside }: WorkAside): boolean => keep(localStorage, key, aside);

export const forgetWork = (key: string): void => void keep(localStorage, key, null);
