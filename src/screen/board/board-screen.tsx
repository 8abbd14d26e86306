"use client";

import { type ReactNode, startTransition, useEffect, useLayoutEffect, useState } from "react";
import type { Lesson } from "@/core/lesson/lesson";
import { KIND_NAMES, type KindName } from "@/core/views/view";
import { patient } from "@/kit/patient";
import { doTouches, takeNoMore } from "../early/touches-so-far";
import { readKept } from "../save/browser-store";
import { isAnyKept } from "../save/kept-keys";
import type { Unsaved } from "../save/saver";
import { becomeWindow, windowName } from "../save/window-name";
import { type BoardStore, createBoardStore } from "../store/board-store";
import { boardNow } from "../store/on-show";
import { BoardProvider } from "../store/use-board";
import { whereKey } from "../store/where-key";
import { WhereaboutsKept } from "../store/whereabouts";
import { bringStages } from "../views/stages";
import { BoardWindow } from "./board-window";
import type { OpenLesson } from "./open-lesson";

/** The kinds of view that stand on the board as the server has drawn it. */
const kindsDrawn = () =>
  (document.querySelector<HTMLElement>("[data-kinds]")?.dataset.kinds ?? "")
    .split(" ")
    .filter((kind): kind is KindName => (KIND_NAMES as string[]).includes(kind));

// They are fetched while the page is still waking up.
if (typeof document !== "undefined") void bringStages(kindsDrawn());

type Props = {
  open: OpenLesson;
  prepare: boolean;
  /** The board as the server has drawn it. */
  children: ReactNode;
};
type Ready = { store: BoardStore; name: string; unsaved: Unsaved | null };

/** Opens a lesson, with what this browser kept of it: unsaved work, and where the teacher was before a reload. */
export function BoardScreen({ open, prepare, children }: Props) {
  const [ready, setReady] = useState<Ready | null>(null);
  useEffect(() => {
    let gone = false;
    void begin(open, prepare).then((made) => {
      // The board comes alive between other things that the page has to do, and not all at once.
      if (!gone) startTransition(() => setReady(made));
    });
    return () => {
      gone = true;
    };
  }, [open, prepare]);
  // What the browser kept is known only there; until it has been read the board stands as the server has drawn it.
  if (!ready) return children;
  return (
    <BoardProvider store={ready.store}>
      <BoardWindow open={open} name={ready.name} unsaved={ready.unsaved} />
      <LastTouches store={ready.store} />
    </BoardProvider>
  );
}

/** Once the board is alive: what was touched on its picture until then. */
function LastTouches({ store }: { store: BoardStore }) {
  useLayoutEffect(() => {
    doTouches(store);
    takeNoMore();
  }, [store]);
  return null;
}

/** What reads kept work; most boards are opened without any. */
const keptWork = patient(() => import("../save/kept-work"));

async function begin({ id, lesson }: OpenLesson, prepare: boolean): Promise<Ready> {
  const made = await readyFor(id, lesson, prepare);
  await bringStages(boardNow(made.store.getState()).views.map(({ kind }) => kind));
  doTouches(made.store);
  return made;
}

async function readyFor(id: string, lesson: Lesson, prepare: boolean): Promise<Ready> {
  const { name, isOpen } = await windowName();
  const where = readKept(sessionStorage, whereKey(id), WhereaboutsKept);
  const ready = (as: string, unsaved: Unsaved | null) => ({
    store: createBoardStore(unsaved?.lesson ?? lesson, where, prepare),
    name: as,
    unsaved,
  });
  if (!isAnyKept(id)) return ready(name, null);
  const { readUnsaved, leftWork } = await keptWork();
  const own = readUnsaved(id, name);
  if (own) return ready(name, own);
  // What a window that is gone could not save is taken up by the next one that opens the lesson.
  const [left] = leftWork(isOpen, id);
  if (left && (await becomeWindow(left.name))) return ready(left.name, readUnsaved(id, left.name));
  return ready(name, null);
}
