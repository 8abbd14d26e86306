import { and, desc, eq, isNotNull, isNull, sql } from "drizzle-orm";
import type { Lesson } from "../core/lesson/lesson";
import { type LessonRead, readLesson } from "../core/lesson/read-lesson";
import type { Database } from "./database";
import { type LessonRow, lessons } from "./schema";

/** A lesson of the shelf as it is kept: a document that cannot be read keeps its place, with the reason. */
export type Kept = {
  id: string;
  revision: number;
  read: LessonRead;
  changedAt: Date;
  taughtAt: Date | null;
};

export type SaveAnswer =
  | { kind: "saved"; revision: number }
  | { kind: "stale"; revision: number; saveName: string | null }
  | { kind: "missing" };

const keptOf = (row: LessonRow): Kept => ({
  id: row.id,
  revision: row.revision,
  read: readDocument(row.document),
  changedAt: row.changedAt,
  taughtAt: row.taughtAt,
});

function readDocument(document: string): LessonRead {
  try {
    return readLesson(JSON.parse(document));
  } catch {
    return { ok: false, message: "This lesson is damaged and cannot be read." };
  }
}

/** The lessons on the shelf, the one last changed or taught first. */
export async function shelfLessons(db: Database): Promise<Kept[]> {
  const rows = await db
    .select()
    .from(lessons)
    .where(isNull(lessons.removedAt))
    .orderBy(desc(sql`max(${lessons.changedAt}, coalesce(${lessons.taughtAt}, 0))`), lessons.id);
  return rows.map(keptOf);
}

/** The lessons taken off the shelf, the latest first. */
export async function removedLessons(db: Database): Promise<Kept[]> {
  const rows = await db
    .select()
    .from(lessons)
    .where(isNotNull(lessons.removedAt))
    .orderBy(desc(lessons.removedAt));
  return rows.map(keptOf);
}

/** A lesson of the shelf, or null where there is none of that id. */
export async function findLesson(db: Database, id: string): Promise<Kept | null> {
  const [row] = await db
    .select()
    .from(lessons)
    .where(and(eq(lessons.id, id), isNull(lessons.removedAt)));
  return row ? keptOf(row) : null;
}

/** How many lessons there are, on the shelf or off it. */
export function countLessons(db: Database): Promise<number> {
  return db.$count(lessons);
}

/** Puts a new lesson on the shelf. */
export async function addLesson(
  db: Database,
  id: string,
  lesson: Lesson,
  changedAt = new Date(),
): Promise<void> {
  await db.insert(lessons).values({ id, document: JSON.stringify(lesson), createdAt: changedAt, changedAt });
}

/**
 * Saves a lesson if it still stands at the revision that the save is based on. Otherwise the save is stale, and the
 * answer names the save that came before it, by which a window knows its own save whose answer got lost.
 */
export async function saveLesson(
  db: Database,
  id: string,
  save: { basedOn: number; saveName: string; lesson: Lesson },
): Promise<SaveAnswer> {
  const [saved] = await db
    .update(lessons)
    .set({
      document: JSON.stringify(save.lesson),
      revision: save.basedOn + 1,
      saveName: save.saveName,
      changedAt: new Date(),
    })
    .where(and(eq(lessons.id, id), eq(lessons.revision, save.basedOn), isNull(lessons.removedAt)))
    .returning({ revision: lessons.revision });
  if (saved) return { kind: "saved", revision: saved.revision };
  const [row] = await db
    .select({ revision: lessons.revision, saveName: lessons.saveName })
    .from(lessons)
    .where(and(eq(lessons.id, id), isNull(lessons.removedAt)));
  return row ? { kind: "stale", ...row } : { kind: "missing" };
}

/** Notes that a lesson was taught just now. False where there is no such lesson. */
export async function noteTaught(db: Database, id: string): Promise<boolean> {
  const rows = await db
    .update(lessons)
    .set({ taughtAt: new Date() })
    .where(and(eq(lessons.id, id), isNull(lessons.removedAt)))
    .returning({ id: lessons.id });
  return rows.length > 0;
}

/** Takes a lesson off the shelf, or puts it back. False where there is no such lesson. */
export async function setRemoved(db: Database, id: string, removed: boolean): Promise<boolean> {
  const rows = await db
    .update(lessons)
    .set({ removedAt: removed ? new Date() : null })
    .where(eq(lessons.id, id))
    .returning({ id: lessons.id });
  return rows.length > 0;
}
