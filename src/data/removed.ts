import { subDays } from "date-fns";
import { and, inArray, isNotNull, lt } from "drizzle-orm";
import type { Database } from "./database";
import { lessons, sittings, versions } from "./schema";

/** How long a removed lesson can be put back. */
export const DAYS_REMOVED = 30;

/**
 * Deletes for good the lessons that were removed that long ago, with their versions and sittings. Their shelf entries go
 * by a trigger.
 */
export async function forgetRemoved(db: Database, now = new Date()): Promise<number> {
  // In one statement, so that a lesson put back at the same moment stays.
  const gone = await db
    .delete(lessons)
    .where(and(isNotNull(lessons.removedAt), lt(lessons.removedAt, subDays(now, DAYS_REMOVED))))
    .returning({ id: lessons.id });
  const ids = gone.map(({ id }) => id);
  if (ids.length === 0) return 0;
  await db.batch([
    db.delete(versions).where(inArray(versions.lesson, ids)),
    db.delete(sittings).where(inArray(sittings.lesson, ids)),
  ]);
  return ids.length;
}
