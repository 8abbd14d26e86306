import type { Lesson } from "@/core/lesson/lesson";
import { readLesson } from "@/core/lesson/read-lesson";
import * as z from "@/core/zod";
import { keysFrom, readKept } from "./browser-store";
import { asideFrom, unsavedFrom, unsavedKey, type WorkAside } from "./kept-keys";
import type { Unsaved } from "./saver";

/** A lesson as stored by a browser, brought up to date if an older version of the program stored it. */
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

/** The stored work of a named window on a lesson. */
export const readUnsaved = (id: string, name: string): Unsaved | null =>
  readKept(localStorage, unsavedKey(id, name), UnsavedKept);

/** Stored work, with its lesson. */
export type KeptWork = { key: string; id: string; lesson: Lesson; name: string };

/** Stored work on lessons, or on one, by windows that are no longer open. */
export function leftWork(isOpen: (name: string) => boolean, id?: string): KeptWork[] {
  return keysFrom(localStorage, unsavedFrom(id)).flatMap((key) => {
    const kept = readKept(localStorage, key, UnsavedKept);
    if (!kept || isOpen(kept.name)) return [];
    return [
      {
        key,
        id: key.slice(unsavedFrom().length, key.lastIndexOf(":")),
        lesson: kept.lesson,
        name: kept.name,
      },
    ];
  });
}

/** What was set aside, of one lesson or of all, the latest first. */
export function workAside(id?: string): WorkAside[] {
  return keysFrom(localStorage, asideFrom(id))
    .flatMap((key) => {
      const kept = readKept(localStorage, key, AsideKept);
      return kept ? [{ key, ...kept }] : [];
    })
    .sort((a, b) => b.at - a.at);
}
