import { and, desc, eq, isNull, notInArray, sql } from "drizzle-orm";
import { type LessonRead, readLesson } from "../core/lesson/read-lesson";
import { thinned } from "../core/lesson/thin";
import type { Database } from "./database";
import { lessons, versions } from "./schema";

/** After a pause of this length, a change begins another time of preparing. */
const PAUSE_MS = 30 * 60 * 1000;

/**
 * Stores the current lesson as a version before a save based on `revision` replaces it: if it was last changed a while
 * ago, or has no version yet. A computer whose clock was wrong may have changed it in the future: that counts as a
 * while ago too.
 */
export function keepVersionBefore(db: Database, id: string, revision: number, now: number) {
  return db.run(sql`
    INSERT INTO ${versions} (lesson, document, changed_at)
    SELECT id, document, changed_at FROM ${lessons}
    WHERE id = ${id} AND revision = ${revision} AND removed_at IS NULL
      AND (changed_at NOT BETWEEN ${now - PAUSE_MS} AND ${now + PAUSE_MS} OR NOT EXISTS (SELECT 1 FROM ${versions} WHERE lesson = ${id}))`);
}

/** A version in the list: its id, and when it was last changed. */
export type ListedVersion = { id: number; changedAt: Date };

/** The versions of a lesson, the latest first; surplus ones are deleted. */
export async function versionsOf(db: Database, lesson: string, now = new Date()): Promise<ListedVersion[]> {
  const all = await db
    .select({ id: versions.id, changedAt: versions.changedAt })
    .from(versions)
    .where(eq(versions.lesson, lesson))
    .orderBy(desc(versions.changedAt), desc(versions.id));
  const times = new Set(
    thinned(
      all.map(({ changedAt }) => changedAt.getTime()),
      now.getTime(),
    ),
  );
  const kept = all.filter(({ changedAt }) => times.delete(changedAt.getTime()));
  if (kept.length < all.length) {
    const ids = kept.map(({ id }) => id);
    await db.delete(versions).where(and(eq(versions.lesson, lesson), notInArray(versions.id, ids)));
  }
  return kept;
}

/** A version of a lesson; null if it is no longer kept. */
export async function findVersion(db: Database, lesson: string, id: number): Promise<LessonRead | null> {
  const [row] = await db
    .select({ document: versions.document })
    .from(versions)
    .where(and(eq(versions.id, id), eq(versions.lesson, lesson)));
  if (!row) return null;
  try {
    return readLesson(JSON.parse(row.document));
  } catch {
    return { ok: false, message: "This version is damaged and cannot be read." };
  }
}

/**
 * Restores a version; the current lesson becomes a version itself, so that restoring can be taken back. False if either
 * no longer exists.
 */
export async function restoreVersion(
  db: Database,
  lesson: string,
  id: number,
  saveName: string,
): Promise<boolean> {
  const read = await findVersion(db, lesson, id);
  if (!read?.ok) return false;
  const now = Date.now();
  const [, restored] = await db.batch([
    db.run(sql`
      INSERT INTO ${versions} (lesson, document, changed_at)
      SELECT id, document, changed_at FROM ${lessons} WHERE id = ${lesson} AND removed_at IS NULL`),
    db
      .update(lessons)
      .set({
        document: JSON.stringify(read.lesson),
        revision: sql`${lessons.revision} + 1`,
        saveName,
        changedAt: new Date(now),
      })
      .where(and(eq(lessons.id, lesson), isNull(lessons.removedAt)))
      .returning({ id: lessons.id }),
  ]);
  return restored.length > 0;
}
