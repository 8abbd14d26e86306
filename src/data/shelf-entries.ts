import { count, eq, gt, isNull, lt, or, type SQL, sql } from "drizzle-orm";
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
  const [old, [all]] = await db.batch([
    db
      .select({ id: shelfEntries.lesson })
      .from(shelfEntries)
      .where(or(lt(shelfEntries.way, ENTRY_WAY), gt(shelfEntries.way, ENTRY_WAY))),
    db
      .select({ lessons: count(), entries: sql<number>`(SELECT count(*) FROM ${shelfEntries})` })
      .from(lessons),
  ]);
  const stale = all?.lessons === all?.entries ? old : [...old, ...(await withoutEntry(db))];
  for (let i = 0; i < stale.length; i += AT_A_TIME) {
    const ids = stale.slice(i, i + AT_A_TIME).map(({ id }) => id);
    await write(db, await keptByIds(db, ids));
  }
}

const withoutEntry = (db: Database) =>
  db
    .select({ id: lessons.id })
    .from(lessons)
    .leftJoin(shelfEntries, eq(shelfEntries.lesson, lessons.id))
    .where(isNull(shelfEntries.id));

async function write(db: Database, some: readonly Kept[]): Promise<void> {
  const [first, ...rest] = some.flatMap((kept) => [
    db.run(entryOf(kept)),
    db.run(sql`
      INSERT OR REPLACE INTO shelf_finds (rowid, title, words)
      SELECT id, ${titleOf(kept)}, ${wordsOf(kept)} FROM ${shelfEntries} WHERE lesson = ${kept.id}`),
  ]);
  if (first) await db.batch([first, ...rest]);
}

/** Writes an entry. A lesson that has been deleted meanwhile gets none, and that of one saved meanwhile is old already. */
export function entryOf({ id, revision, read }: Kept): SQL {
  const entry: ShelfEntry | null = read.ok ? shelfEntry(read.lesson) : null;
  const titleKey = orderKey(entry?.title ?? UNREADABLE);
  const classKey = orderKey(entry?.forClass ?? "");
  const labels = JSON.stringify(entry?.labels ?? []);
  return sql`
    INSERT INTO ${shelfEntries}
      (lesson, revision, way, latest, removed_at, title_key, class_key, labels, fault, entry)
    SELECT
      id, ${revision}, iif(revision = ${revision}, ${ENTRY_WAY}, 0), max(changed_at, coalesce(taught_at, 0)), removed_at,
      ${titleKey}, ${classKey}, ${labels}, ${read.ok ? null : read.message}, ${entry && JSON.stringify(entry)}
    FROM ${lessons} WHERE id = ${id}
    ON CONFLICT (lesson) DO UPDATE SET
      revision = excluded.revision, way = excluded.way, latest = excluded.latest, removed_at = excluded.removed_at,
      title_key = excluded.title_key, class_key = excluded.class_key, labels = excluded.labels,
      fault = excluded.fault, entry = excluded.entry`;
}

const UNREADABLE = "A lesson that cannot be read";

const titleOf = ({ read }: Kept) => (read.ok ? `${read.lesson.title}\n${read.lesson.forClass}` : UNREADABLE);
const wordsOf = ({ read }: Kept) => (read.ok ? wordsToFind(read.lesson) : UNREADABLE);
