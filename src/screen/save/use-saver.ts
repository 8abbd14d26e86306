"use client";

import { useEffect, useRef, useState } from "react";
import type { BoardStore } from "../store/board-store";
import { lessonOf, sameLesson } from "../store/lesson-of";
import { keepUnsaved } from "./kept-keys";
import { sendSave } from "./save-door";
import { createSaver, type Saver, type SaveState, type Unsaved } from "./saver";

type Options = { id: string; revision: number; name: string; unsaved: Unsaved | null };

/** Saves the lesson as it changes, and tells how it stands. */
export function useSaver({ id, revision, name, unsaved }: Options, store: BoardStore) {
  const [state, tell] = useState<SaveState>(unsaved ? { kind: "saving" } : { kind: "saved" });
  const saver = useRef<Saver>(null);
  useEffect(() => {
    const made = createSaver({
      name,
      revision,
      unsaved,
      send: (save) => sendSave(id, save),
      keep: (work) => keepUnsaved(id, name, work),
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
    // A lesson that was put back on the shelf meanwhile can be saved again.
    window.addEventListener("focus", flush);
    window.addEventListener("pagehide", flush);
    document.addEventListener("visibilitychange", onHide);
    return () => {
      stopListening();
      flush();
      made.stop();
      window.removeEventListener("online", flush);
      window.removeEventListener("focus", flush);
      window.removeEventListener("pagehide", flush);
      document.removeEventListener("visibilitychange", onHide);
    };
  }, [id, revision, name, unsaved, store]);
  return {
    state,
    stop: () => saver.current?.stop(),
    flush: () => saver.current?.flush(),
    standing: () => saver.current?.standing() ?? { unsaved: false, kept: false },
  };
}
