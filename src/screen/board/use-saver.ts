"use client";

import { nanoid } from "nanoid";
import { useEffect, useRef, useState } from "react";
import * as z from "zod/mini";
import { Lesson } from "@/core/lesson/lesson";
import { keep, readKept } from "../save/browser-store";
import { sendSave } from "../save/save-door";
import { createSaver, type Saver, type SaveState, type Unsaved } from "../save/saver";
import { type BoardStore, lessonOf, sameLesson } from "./board-store";

const UnsavedKept: z.ZodMiniType<Unsaved> = z.object({
  basedOn: z.int().check(z.minimum(1)),
  sent: z.array(z.string()).check(z.maxLength(20)),
  lesson: Lesson,
});

const unsavedKey = (id: string) => `yellow-stair:unsaved:${id}`;

/** Work on a lesson that this browser kept because it was not known to be saved. */
export function readUnsaved(id: string): Unsaved | null {
  return readKept(localStorage, unsavedKey(id), UnsavedKept);
}

export function forgetUnsaved(id: string): void {
  keep(localStorage, unsavedKey(id), null);
}

/** Saves the lesson as it changes, and tells how it stands. */
export function useSaver(id: string, revision: number, unsaved: Unsaved | null, store: BoardStore) {
  const [state, tell] = useState<SaveState>(unsaved ? { kind: "saving" } : { kind: "saved" });
  const saver = useRef<Saver>(null);
  useEffect(() => {
    let keptByThis = false;
    const made = createSaver({
      revision,
      unsaved,
      send: (save) => sendSave(id, save),
      newName: () => nanoid(12),
      keep: (work) => {
        // What another window keeps of the same lesson is not this one's to forget.
        if (work !== null || keptByThis || unsaved !== null) keep(localStorage, unsavedKey(id), work);
        keptByThis = work !== null;
      },
      tell,
      after: (milliseconds, run) => {
        const timer = setTimeout(run, milliseconds);
        return () => clearTimeout(timer);
      },
    });
    saver.current = made;
    const stopListening = store.subscribe((now, before) => {
      if (!sameLesson(now, before)) made.change(lessonOf(now));
    });
    const flush = () => void made.flush();
    const onHide = () => document.visibilityState === "hidden" && flush();
    window.addEventListener("online", flush);
    window.addEventListener("pagehide", flush);
    document.addEventListener("visibilitychange", onHide);
    return () => {
      stopListening();
      flush();
      made.stop();
      window.removeEventListener("online", flush);
      window.removeEventListener("pagehide", flush);
      document.removeEventListener("visibilitychange", onHide);
    };
  }, [id, revision, unsaved, store]);
  return { state, stop: () => saver.current?.stop() };
}
