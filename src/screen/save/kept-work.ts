import { nanoid } from "nanoid";
import * as z from "zod/mini";
import type { Lesson } from "@/core/lesson/lesson";
import { readLesson } from "@/core/lesson/read-lesson";
import { keep, keysFrom, readKept } from "./browser-store";
import type { Unsaved } from "./saver";

/*
 * What a browser keeps of lessons: work that is not known to be saved, a window for itself, so that no window forgets
 * what another has; and work that was set aside for the saved lesson, until the teacher lets it go.
 */
const UNSAVED = "yellow-stair:unsaved:";
const ASIDE = "yellow-stair:aside:";

/** A lesson as a browser kept it, brought up to date where an older version of the program kept it. */
const KeptLesson = z.pipe(
  z.unknown(),
  z.transform((value, context): Lesson => {
    const read = readLesson(value);
    if (read.ok) return read.lesson;
    context.issues.push({ code: "custom", message: read.message, input: value });
    return z.NEVER;
  }),
);
const UnsavedKept = z.object({
  name: z.string().check(z.minLength(1), z.maxLength(40)),
  basedOn: z.int().check(z.minimum(1)),
  lesson: KeptLesson,
});
const AsideKept = z.object({ at: z.number(), lesson: KeptLesson });

const unsavedKey = (id: string, name: string) => `${UNSAVED}${id}:${name}`;

/** Keeps a window's work on a lesson, or forgets it. False where the browser does not keep it. */
export const keepUnsaved = (id: string, name: string, work: Unsaved | null): boolean =>
  keep(localStorage, unsavedKey(id, name), work);

/** The work that a window of a name has on a lesson. */
export const readUnsaved = (id: string, name: string): Unsaved | null =>
  readKept(localStorage, unsavedKey(id, name), UnsavedKept);

/** Work that is kept, with the lesson it is on. */
export type KeptWork = { key: string; id: string; lesson: Lesson; name: string };

/** Work on lessons, or on one, that was left in this browser by windows that are no longer open. */
export function leftWork(isOpen: (name: string) => boolean, id?: string): KeptWork[] {
  return keysFrom(localStorage, id === undefined ? UNSAVED : `${UNSAVED}${id}:`).flatMap((key) => {
    const kept = readKept(localStorage, key, UnsavedKept);
    if (!kept || isOpen(kept.name)) return [];
    return [
      { key, id: key.slice(UNSAVED.length, key.lastIndexOf(":")), lesson: kept.lesson, name: kept.name },
    ];
  });
}

/** Sets a lesson aside, for the saved one to be shown in its place. False where the browser does not keep it. */
export const setAsideWork = (id: string, lesson: Lesson): boolean =>
  keep(localStorage, `${ASIDE}${id}:${nanoid(8)}`, { at: Date.now(), lesson });

export type WorkAside = { key: string; at: number; lesson: Lesson };

/** What was set aside, of one lesson or of all, the latest first. */
export function workAside(id?: string): WorkAside[] {
  return keysFrom(localStorage, id === undefined ? ASIDE : `${ASIDE}${id}:`)
    .flatMap((key) => {
      const kept = readKept(localStorage, key, AsideKept);
      return kept ? [{ key, ...kept }] : [];
    })
    .sort((a, b) => b.at - a.at);
}

/** Keeps again what was just forgotten. */
export const keepAgain = ({ key, ...aside }: WorkAside): boolean => keep(localStorage, key, aside);

export const forgetWork = (key: string): void => void keep(localStorage, key, null);
