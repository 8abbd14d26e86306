"use client";

import { useEffect, useState } from "react";
import { readKept } from "../save/browser-store";
import { createBoardStore } from "./board-store";
import { BoardWindow } from "./board-window";
import type { OpenLesson } from "./open-lesson";
import { BoardProvider } from "./use-board";
import { readUnsaved } from "./use-saver";
import { whereKey } from "./where-key";
import { WhereaboutsKept } from "./whereabouts";

/** Opens a lesson, with what this browser kept of it: unsaved work, and where the teacher was before a reload. */
export function BoardScreen({ open, prepare }: { open: OpenLesson; prepare: boolean }) {
  const [ready, setReady] = useState<ReturnType<typeof begin> | null>(null);
  useEffect(() => setReady(begin(open, prepare)), [open, prepare]);
  // What the browser kept is known only there, so the first drawing waits for it.
  if (!ready) return <div aria-busy className="h-dvh bg-wall" />;
  return (
    <BoardProvider store={ready.store}>
      <BoardWindow open={open} unsaved={ready.unsaved} />
    </BoardProvider>
  );
}

function begin({ id, lesson }: OpenLesson, prepare: boolean) {
  const unsaved = readUnsaved(id);
  const where = readKept(sessionStorage, whereKey(id), WhereaboutsKept);
  return { unsaved, store: createBoardStore(unsaved?.lesson ?? lesson, where, prepare) };
}
