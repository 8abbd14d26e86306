import { and, desc, eq, inArray, isNotNull, isNull, type SQL, sql } from "drizzle-orm";
import type { Lesson } from "../core/lesson/lesson";
import { type LessonRead, readLesson } from "../core/lesson/read-lesson";
import type { Database } from "./database";
import { knownBoards } from "./known-boards";
import { lessons, shelfEntries } from "./schema";
import { keepVersionBefore } from "./versions";

/** A lesson of the shelf as stored: a document that cannot be read keeps its place, with the reason. */
export type Kept = {
  id: string;
  revision: number;
  read: LessonRead;
  changedAt: Date;
  taughtAt: Date | null;
  removedAt: Date | null;
};

export type SaveAnswer =
  | { kind: "saved"; revision: number }
  | { kind: "stale"; revision: number; saveName: string | null }
  | { kind: "missing" };

/** The columns of a row. The document is read as bytes, so that invalid text in one row does not fail the others. */
const ROW = {
  id: lessons.id,
  revision: lessons.revision,
  changedAt: lessons.changedAt,
  taughtAt: lessons.taughtAt,
  removedAt: lessons.removedAt,
  document: sql<ArrayBuffer>`CAST(${lessons.document} AS BLOB)`,
};
type Row = Omit<Kept, "read"> & { document: ArrayBuffer };

const keptOf = ({ document, ...row }: Row): Kept => ({ ...row, read: readDocument(document) });

const utf8 = new TextDecoder("utf-8", { fatal: true });

function readDocument(document: ArrayBuffer): LessonRead {
  try {
    return readLesson(JSON.parse(utf8.decode(document)), knownBoards);
  } catch {
    return { ok: false, message: "This lesson is damaged and cannot be read." };
  }
}

/** The lessons on the shelf, last changed or taught first. */
export function shelfLessons(db: Database): Promise<Kept[]> {
  const latest = desc(sql`max(${lessons.changedAt}, coalesce(${lessons.taughtAt}, 0))`);
  return listed(db, isNull(lessons.removedAt), [latest, lessons.id]);
}

/** The lessons removed from the shelf, the latest first. */
export function removedLessons(db: Database): Promise<Kept[]> {
  return listed(db, isNotNull(lessons.removedAt), [desc(lessons.removedAt)]);
}

/** How many lessons are off the shelf. */
export function countRemoved(db: Database): Promise<number> {
  return db.$count(lessons, isNotNull(lessons.removedAt));
}

async function listed(db: Database, where: SQL, order: (SQL | typeof lessons.id)[]): Promise<Kept[]> {
  const rows = await db
    .select({ id: lessons.id })
    .from(lessons)
    .where(where)
    .orderBy(...order);
  return keptByIds(
    db,
    rows.map(({ id }) => id),
  );
}

/** Number of documents fetched and read at a time; in between, the server answers others. */
const AT_A_TIME = 20;

/** Lessons by id, on the shelf or off it, in the given order; missing ones are left out. */
export async function keptByIds(db: Database, ids: readonly string[]): Promise<Kept[]> {
  const all: Kept[] = [];
  for (let i = 0; i < ids.length; i += AT_A_TIME) {
    const some = ids.slice(i, i + AT_A_TIME);
    const rows = await db.select(ROW).from(lessons).where(inArray(lessons.id, some));
    const byId = new Map(rows.map((row) => [row.id, keptOf(row)]));
    all.push(...some.flatMap((id) => byId.get(id) ?? []));
    await new Promise((resolve) => setImmediate(resolve));
  }
  return all;
}

/** A lesson of the shelf by id, or null. */
export async function findLesson(db: Database, id: string): Promise<Kept | null> {
  const [row] = await db
    .select(ROW)
    .from(lessons)
    .where(and(eq(lessons.id, id), isNull(lessons.removedAt)));
  if (!row) return null;
  const kept = keptOf(row);
  if (!kept.read.ok) {
    // Its shelf entry may date from before it was damaged.
    await db.update(shelfEntries).set({ way: 0 }).where(eq(shelfEntries.lesson, id));
  }
  return kept;
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
 * Saves a lesson if it is still at the revision that the save is based on. Otherwise the save is stale, and the answer
 * names the save that came before it, by which a window recognises its own save whose answer got lost.
 */
export async function saveLesson(
  db: Database,
  id: string,
  save: { basedOn: number; saveName: string; lesson: Lesson },
): Promise<SaveAnswer> {
  const now = new Date();
  const [, [saved]] = await db.batch([
    keepVersionBefore(db, id, save.basedOn, now.getTime()),
    db
      .update(lessons)
      .set({
        document: JSON.stringify(save.lesson),
        revision: save.basedOn + 1,
        saveName: save.saveName,
        changedAt: now,
      })
      .where(and(eq(lessons.id, id), eq(lessons.revision, save.basedOn), isNull(lessons.removedAt)))
      .returning({ revision: lessons.revision }),
  ]);
  if (saved) return { kind: "saved", revision: saved.revision };
  const [row] = await db
    .select({ revision: lessons.revision, saveName: lessons.saveName })
    .from(lessons)
    .where(and(eq(lessons.id, id), isNull(lessons.removedAt)));
  return row ? { kind: "stale", ...row } : { kind: "missing" };
}

/** Records that a lesson has just been taught. False if there is no such lesson. */
export async function noteTaught(db: Database, id: string): Promise<boolean> {
  const rows = await db
    .update(lessons)
    .set({ taughtAt: new Date() })
    .where(and(eq(lessons.id, id), isNull(lessons.removedAt)))
    .returning({ id: lessons.id });
  return rows.length > 0;
}

/** Removes a lesson from the shelf, or puts it back. False if there is no such lesson. */
export async function setRemoved(db: Database, id: string, removed: boolean): Promise<boolean> {
  const rows = await db
    .update(lessons)
    .set({ removedAt: removed ? new Date() : null })
    .where(eq(lessons.id, id))
    .returning({ id: lessons.id });
  return rows.length > 0;
}

/** The stored bytes of a lesson, valid or not. */
export async function rawDocument(db: Database, id: string): Promise<Uint8Array<ArrayBuffer>> {
  const [row] = await db.select({ document: ROW.document }).from(lessons).where(eq(lessons.id, id));
  return new Uint8Array(row?.document ?? new ArrayBuffer(0));
}
