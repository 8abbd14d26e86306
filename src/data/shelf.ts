import { and, asc, count, desc, eq, inArray, isNotNull, isNull, type SQL, sql } from "drizzle-orm";
import * as z from "@/core/zod";
import { ShelfEntry } from "../core/lesson/shelf-entry";
import type { ShelfOrder, ShelfWish } from "../core/lesson/shelf-wish";
import { keyOf } from "../core/number/exact";
import { readNumber } from "../core/number/read-number";
import { showNumber } from "../core/number/show-number";
import { withFractionSign } from "../core/number/with-fraction-sign";
import type { Database } from "./database";
import { lessons, shelfEntries } from "./schema";
import { updateEntries } from "./shelf-entries";

/** A lesson as listed by the shelf; one that cannot be read has the reason. */
export type Shelved = {
  id: string;
  revision: number;
  taughtAt: Date | null;
  removedAt: Date | null;
  told: Told;
};

type Told = { ok: true; entry: ShelfEntry } | { ok: false; message: string };

/** A page of lessons, and how many there are in all. */
export type ShelfPart = { total: number; lessons: Shelved[] };

/**
 * A page of the shelf: lessons that contain every word searched for and have the label, in the wanted order.
 * @param within where to search: in everything written in a lesson, or in its title and class
 */
export async function findOnShelf(
  db: Database,
  wish: ShelfWish,
  from: number,
  max: number,
  within: "lesson" | "title" = "lesson",
): Promise<ShelfPart> {
  await updateEntries(db);
  const where = and(isNull(shelfEntries.removedAt), found(wish.find, within), labelled(wish.label));
  return part(db, where, ORDERS[wish.order], from, max);
}

/** The lessons taken off the shelf, the latest first. */
export async function removedFromShelf(db: Database, from: number, max: number): Promise<ShelfPart> {
  await updateEntries(db);
  return part(db, isNotNull(shelfEntries.removedAt), [desc(shelfEntries.removedAt)], from, max);
}

const latest = desc(shelfEntries.latest);
const ORDERS: Record<ShelfOrder, SQL[]> = {
  latest: [latest],
  title: [asc(shelfEntries.titleKey), latest],
  class: [asc(sql`${shelfEntries.classKey} = ''`), asc(shelfEntries.classKey), asc(shelfEntries.titleKey)],
};

/** The letters and digits of a search word; undefined if it has none. */
const lettersOf = (word: string) => word.match(/[\p{L}\p{M}\p{N}]+/gu)?.join(" ");

/**
 * What to search for. The beginning of a word is enough. A number must match as a whole, since 6 is not in 16, however
 * it is written: 1000 and 1,000, ½ and 0.5.
 */
function findsOf(word: string): string[] {
  const read = readNumber(word);
  if (!read.ok) return [lettersOf(word)].flatMap((letters) => (letters ? [`"${letters}"*`] : []));
  const [key, fraction, mixed] = [keyOf(read.value), read.value.toFraction(), read.value.toFraction(true)];
  const written = [word, key, showNumber(key), fraction, mixed, withFractionSign(mixed)];
  return [...new Set(written.map(lettersOf))].map((letters) => `"${letters}"`);
}

function found(text: string, within: "lesson" | "title"): SQL | undefined {
  const words = text
    .split(/\s+/)
    .map(findsOf)
    .filter((finds) => finds.length > 0);
  if (words.length === 0) return text === "" ? undefined : sql`0`;
  const query = words.map((finds) => `(${finds.join(" OR ")})`).join(" AND ");
  const match = within === "title" ? `title : (${query})` : query;
  // The plus keeps SQLite from searching the table once for each match.
  return sql`+${shelfEntries.id} IN (SELECT rowid FROM shelf_finds WHERE shelf_finds MATCH ${match})`;
}

/** Labels are kept as JSON, in which a whole label stands between quotes, and no other quote does. */
const labelled = (label: string): SQL | undefined =>
  label === "" ? undefined : sql`instr(${shelfEntries.labels}, ${JSON.stringify(label)}) > 0`;

async function part(
  db: Database,
  where: SQL | undefined,
  order: readonly SQL[],
  from: number,
  max: number,
): Promise<ShelfPart> {
  // The ids are selected first: otherwise the entries of all lessons would be sorted along with them. An index covers all
  // that this asks for.
  const [all, ids] = await db.batch([
    db.select({ total: count() }).from(shelfEntries).where(where),
    db
      .select({ id: shelfEntries.id })
      .from(shelfEntries)
      .where(where)
      .orderBy(...order, asc(shelfEntries.id))
      .limit(max)
      .offset(from),
  ]);
  const rows = await db
    .select({
      place: shelfEntries.id,
      id: lessons.id,
      revision: shelfEntries.revision,
      taughtAt: lessons.taughtAt,
      removedAt: lessons.removedAt,
      entry: shelfEntries.entry,
      fault: shelfEntries.fault,
    })
    .from(shelfEntries)
    .innerJoin(lessons, eq(shelfEntries.lesson, lessons.id))
    .where(
      sql`${shelfEntries.id} IN (SELECT value FROM json_each(${JSON.stringify(ids.map(({ id }) => id))}))`,
    );
  const told = new Map(rows.map((row) => [row.place, toldBy(row)]));
  const damaged = rows.filter(({ place }) => told.get(place) === null).map(({ place }) => place);
  if (damaged.length > 0) {
    // A damaged entry can always be derived from its lesson again.
    await db.update(shelfEntries).set({ way: 0 }).where(inArray(shelfEntries.id, damaged));
    await updateEntries(db);
    return part(db, where, order, from, max);
  }
  const byPlace = new Map(rows.map(({ place, entry: _, fault: __, ...row }) => [place, row]));
  return {
    total: all[0]?.total ?? 0,
    lessons: ids.flatMap(({ id }) => {
      const [row, said] = [byPlace.get(id), told.get(id)];
      return row && said ? [{ ...row, told: said }] : [];
    }),
  };
}

/** Reads an entry; null if it is unreadable itself. */
function toldBy({ entry, fault }: { entry: string | null; fault: string | null }): Told | null {
  if (entry === null) return fault === null ? null : { ok: false, message: fault };
  try {
    const read = ShelfEntry(z).safeParse(JSON.parse(entry));
    return read.success ? { ok: true, entry: read.data } : null;
  } catch {
    return null;
  }
}

/** The labels of the lessons on the shelf, those on most lessons first. */
export async function labelsOnShelf(db: Database): Promise<{ label: string; lessons: number }[]> {
  await updateEntries(db);
  const rows = await db.all<{ label: string; lessons: number }>(sql`
    SELECT value AS label, count(*) AS lessons
    FROM ${shelfEntries}, json_each(${shelfEntries.labels})
    WHERE ${shelfEntries.removedAt} IS NULL
    GROUP BY value ORDER BY lessons DESC, value`);
  return rows.map(({ label, lessons: count }) => ({ label: String(label), lessons: Number(count) }));
}
