import { eq, inArray, ne, or, sql } from "drizzle-orm";
import { ENTRY_WAY, orderKey, type ShelfEntry, shelfEntry, wordsToFind } from "../core/lesson/shelf-entry";
import type { Database } from "./database";
import { type Kept, keptByIds } from "./lessons";
import { lessons, shelfEntries } from "./schema";

/** Number of entries written in one go. */
const AT_A_TIME = 20;

const writing = new WeakMap<Database, Promise<void>>();

/**
 * Brings the entries up to date: those of lessons that are new, changed, or written by older code. A lesson that cannot
 * be read has an entry too, with the reason.
 */
export function updateEntries(db: Database): Promise<void> {
  const now = (writing.get(db) ?? Promise.resolve()).then(() => writeEntries(db));
  writing.set(
    db,
    now.catch(() => {}),
  );
  return now;
}

async function writeEntries(db: Database): Promise<void> {
  const stale = await db
    .select({ id: lessons.id })
    .from(lessons)
    .leftJoin(shelfEntries, eq(shelfEntries.lesson, lessons.id))
    .where(or(sql`${shelfEntries.revision} IS NOT ${lessons.revision}`, ne(shelfEntries.way, ENTRY_WAY)));
  for (let i = 0; i < stale.length; i += AT_A_TIME) {
    const ids = stale.slice(i, i + AT_A_TIME).map(({ id }) => id);
    await write(db, await keptByIds(db, ids));
  }
}

async function write(db: Database, some: readonly Kept[]): Promise<void> {
  const [first, ...rest] = some.flatMap((kept) => {
    const row = rowOf(kept);
    return [
      db
        .insert(shelfEntries)
        .values({ lesson: kept.id, ...row })
        .onConflictDoUpdate({ target: shelfEntries.lesson, set: row }),
      db.run(sql`
        INSERT OR REPLACE INTO shelf_finds (rowid, title, words)
        SELECT id, ${titleOf(kept)}, ${wordsOf(kept)} FROM ${shelfEntries} WHERE lesson = ${kept.id}`),
    ];
  });
  if (first) await db.batch([first, ...rest]);
}

const UNREADABLE = "A lesson that cannot be read";

const titleOf = ({ read }: Kept) => (read.ok ? `${read.lesson.title}\n${read.lesson.forClass}` : UNREADABLE);
const wordsOf = ({ read }: Kept) => (read.ok ? wordsToFind(read.lesson) : UNREADABLE);

function rowOf({ revision, read }: Kept) {
  const entry: ShelfEntry | null = read.ok ? shelfEntry(read.lesson) : null;
  return {
    revision,
    way: ENTRY_WAY,
    entry: entry && JSON.stringify(entry),
    fault: read.ok ? null : read.message,
    titleKey: orderKey(entry?.title ?? UNREADABLE),
    classKey: orderKey(entry?.forClass ?? ""),
    labels: JSON.stringify(entry?.labels ?? []),
  };
}

/** Deletes the entries of lessons that are gone for good. */
export const dropEntries = (db: Database, ids: readonly string[]) => [
  db.run(sql`
    DELETE FROM shelf_finds WHERE rowid IN (
      SELECT id FROM ${shelfEntries} WHERE ${inArray(shelfEntries.lesson, [...ids])})`),
  db.delete(shelfEntries).where(inArray(shelfEntries.lesson, [...ids])),
];
