import { and, asc, count, desc, eq, inArray, isNotNull, isNull, type SQL, sql } from "drizzle-orm";
import * as z from "@/core/zod";
import { ShelfEntry } from "../core/lesson/shelf-entry";
import type { ShelfOrder, ShelfWish } from "../core/lesson/shelf-wish";
import { keyOf } from "../core/number/exact";
import { readNumber, withFractionSign } from "../core/number/read-number";
import { showNumber } from "../core/number/show-number";
import type { Database } from "./database";
import { lessons, shelfEntries } from "./schema";
import { updateEntries } from "./shelf-entries";

/** A lesson as the shelf tells of it; one that cannot be read has the reason. */
export type Shelved = {
  id: string;
  revision: number;
  taughtAt: Date | null;
  removedAt: Date | null;
  told: Told;
};

type Told = { ok: true; entry: ShelfEntry } | { ok: false; message: string };

/** Lessons of the shelf from the so-manyth on, and how many there are in all. */
export type ShelfPart = { total: number; lessons: Shelved[] };

/**
 * A part of the shelf: lessons that hold every word that is looked for and have the label, in the order wanted.
 * @param within where the words are looked for: in all that is written in a lesson, or in its title and class
 */
export async function findOnShelf(
  db: Database,
  wish: ShelfWish,
  from: number,
  most: number,
  within: "lesson" | "title" = "lesson",
): Promise<ShelfPart> {
  await updateEntries(db);
  const where = and(isNull(lessons.removedAt), found(wish.find, within), labelled(wish.label));
  return part(db, where, ORDERS[wish.order], from, most);
}

/** The lessons taken off the shelf, the latest first. */
export async function removedFromShelf(db: Database, from: number, most: number): Promise<ShelfPart> {
  await updateEntries(db);
  return part(db, isNotNull(lessons.removedAt), [desc(lessons.removedAt)], from, most);
}

const latest = desc(sql`max(${lessons.changedAt}, coalesce(${lessons.taughtAt}, 0))`);
const ORDERS: Record<ShelfOrder, SQL[]> = {
  latest: [latest],
  title: [asc(shelfEntries.titleKey), latest],
  class: [asc(sql`${shelfEntries.classKey} = ''`), asc(shelfEntries.classKey), asc(shelfEntries.titleKey)],
};

/** The letters and digits of a word, as it is looked for; undefined where it has none. */
const lettersOf = (word: string) => word.match(/[\p{L}\p{M}\p{N}]+/gu)?.join(" ");

/**
 * What a word is looked for as. Of a word its beginning is enough. A number is found as it is, since 6 is not in 16, and however
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
  // The plus keeps it from being an index to search by: it would be searched once for each lesson and each find.
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
  most: number,
): Promise<ShelfPart> {
  const joined = eq(shelfEntries.lesson, lessons.id);
  // Which ones is asked first: what the shelf tells of all of them would be put in order along with them. A cross join is
  // carried out as it is written: lessons by their index, which has all that is asked of them, and no row of them is read.
  const [all, ids] = await db.batch([
    db.select({ total: count() }).from(lessons).crossJoin(shelfEntries).where(and(joined, where)),
    db
      .select({ id: shelfEntries.id })
      .from(lessons)
      .crossJoin(shelfEntries)
      .where(and(joined, where))
      .orderBy(...order, asc(lessons.id))
      .limit(most)
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
    .innerJoin(lessons, joined)
    .where(
      sql`${shelfEntries.id} IN (SELECT value FROM json_each(${JSON.stringify(ids.map(({ id }) => id))}))`,
    );
  const told = new Map(rows.map((row) => [row.place, toldBy(row)]));
  const damaged = rows.filter(({ place }) => told.get(place) === null).map(({ place }) => place);
  if (damaged.length > 0) {
    // An entry can always be taken from its lesson again.
    await db.update(shelfEntries).set({ way: 0 }).where(inArray(shelfEntries.id, damaged));
    await updateEntries(db);
    return part(db, where, order, from, most);
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

/** What an entry tells; null where it cannot be read itself. */
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
    FROM ${shelfEntries} JOIN ${lessons} ON ${lessons.id} = ${shelfEntries.lesson}, json_each(${shelfEntries.labels})
    WHERE ${lessons.removedAt} IS NULL
    GROUP BY value ORDER BY lessons DESC, value`);
  return rows.map(({ label, lessons: count }) => ({ label: String(label), lessons: Number(count) }));
}
