"use client";

import { useEffect, useState } from "react";
import { readKept } from "../save/browser-store";
import { leftWork, readUnsaved } from "../save/kept-work";
import type { Unsaved } from "../save/saver";
import { becomeWindow, windowName } from "../save/window-name";
import { type BoardStore, createBoardStore } from "./board-store";
import { BoardWindow } from "./board-window";
import type { OpenLesson } from "./open-lesson";
import { BoardProvider } from "./use-board";
import { whereKey } from "./where-key";
import { WhereaboutsKept } from "./whereabouts";

type Ready = { store: BoardStore; name: string; unsaved: Unsaved | null };

/** Opens a lesson, with what this browser kept of it: unsaved work, and where the teacher was before a reload. */
export function BoardScreen({ open, prepare }: { open: OpenLesson; prepare: boolean }) {
  const [ready, setReady] = useState<Ready | null>(null);
  useEffect(() => {
    let gone = false;
    void begin(open, prepare).then((made) => {
      if (!gone) setReady(made);
    });
    return () => {
      gone = true;
    };
  }, [open, prepare]);
  // What the browser kept is known only there, so the first drawing waits for it.
  if (!ready) return <div aria-busy className="h-dvh bg-wall" />;
  return (
    <BoardProvider store={ready.store}>
      <BoardWindow open={open} name={ready.name} unsaved={ready.unsaved} />
    </BoardProvider>
  );
}

async function begin({ id, lesson }: OpenLesson, prepare: boolean): Promise<Ready> {
  const { name, isOpen } = await windowName();
  const own = readUnsaved(id, name);
  const where = readKept(sessionStorage, whereKey(id), WhereaboutsKept);
  const ready = (as: string, unsaved: Unsaved | null) => ({
    store: createBoardStore(unsaved?.lesson ?? lesson, where, prepare),
    name: as,
    unsaved,
  });
  if (own) return ready(name, own);
  // What a window that is gone could not save is taken up by the next one that opens the lesson.
  const [left] = leftWork(isOpen, id);
  if (left && (await becomeWindow(left.name))) return ready(left.name, readUnsaved(id, left.name));
  return ready(name, null);
}
