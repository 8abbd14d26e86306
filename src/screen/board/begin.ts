import type { Lesson } from "@/core/lesson/lesson";
import { patient } from "@/kit/patient";
import { doTouches } from "../early/touches-so-far";
import { isKept } from "../save/browser-store";
import { isAnyKept } from "../save/kept-keys";
import type { Unsaved } from "../save/saver";
import { becomeWindow, keptByWindow, windowName } from "../save/window-name";
import { type BoardStore, createBoardStore } from "../store/board-store";
import { boardNow } from "../store/on-show";
import { whereKey } from "../store/where-key";
import { readCards } from "../views/cards-drawn";
import { bringStages } from "../views/stages";
import type { OpenLesson } from "./open-lesson";

/**
 * An opened lesson: its store, the name of this window, unsaved work, and whether the window returns to where it was.
 */
export type Ready = { store: BoardStore; name: string; unsaved: Unsaved | null; isBack: boolean };

/** Reads unsaved work; most boards are opened without any. */
const keptWork = patient(() => import("../save/kept-work"));

/** Opens a lesson with what this browser has kept of it, and loads what its board needs. */
export async function begin({ id, file }: OpenLesson, prepare: boolean): Promise<Ready> {
  // The server has checked it.
  const made = await readyFor(id, JSON.parse(file) as Lesson, prepare);
  await bringStages(boardNow(made.store.getState()).views.map(({ kind }) => kind));
  readCards();
  doTouches(made.store);
  return made;
}

async function readyFor(id: string, lesson: Lesson, prepare: boolean): Promise<Ready> {
  const { name, isOpen } = await windowName();
  const where = isKept(sessionStorage, whereKey(id)) ? (await keptByWindow()).readWhere(id) : null;
  const ready = (as: string, unsaved: Unsaved | null) => ({
    store: createBoardStore(unsaved?.lesson ?? lesson, where, prepare),
    name: as,
    unsaved,
    isBack: where !== null,
  });
  if (!isAnyKept(id)) return ready(name, null);
  const { readUnsaved, leftWork } = await keptWork();
  const own = readUnsaved(id, name);
  if (own) return ready(name, own);
  // Work that a closed window could not save is taken over by the next one that opens the lesson.
  const [left] = leftWork(isOpen, id);
  if (left && (await becomeWindow(left.name))) return ready(left.name, readUnsaved(id, left.name));
  return ready(name, null);
}
