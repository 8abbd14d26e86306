import { and, desc, eq, inArray } from "drizzle-orm";
import type { Database } from "./database";
import { sittings } from "./schema";

/** Where a lesson stands with a class. */
export type Stood = { board: string; climbed: number; forClass: string; changedAt: Date };

/** A stored sitting; `whereabouts` was written by the window that taught it. */
export type KeptSitting = Stood & { whereabouts: string };

/** Stores where a lesson stands with a class, replacing what was stored for that class before. */
export async function keepSitting(
  db: Database,
  lesson: string,
  { forClass, board, climbed, whereabouts }: Omit<KeptSitting, "changedAt">,
  changedAt = new Date(),
): Promise<void> {
  const set = { board, climbed, whereabouts, changedAt };
  await db
    .insert(sittings)
    .values({ lesson, forClass, ...set })
    .onConflictDoUpdate({ target: [sittings.lesson, sittings.forClass], set });
}

/** The sittings of a lesson, the latest first. */
export function sittingsOf(db: Database, lesson: string): Promise<KeptSitting[]> {
  const { lesson: _, ...row } = { ...columns, whereabouts: sittings.whereabouts };
  return db.select(row).from(sittings).where(eq(sittings.lesson, lesson)).orderBy(desc(sittings.changedAt));
}

/** Ends the sitting of a class, so that the lesson begins again with it. */
export async function endSitting(db: Database, lesson: string, forClass: string): Promise<void> {
  await db.delete(sittings).where(and(eq(sittings.lesson, lesson), eq(sittings.forClass, forClass)));
}

const columns = {
  lesson: sittings.lesson,
  forClass: sittings.forClass,
  board: sittings.board,
  climbed: sittings.climbed,
  changedAt: sittings.changedAt,
};

/** Where each of some lessons stopped last, with any class. */
export async function lastStood(
  db: Database,
  ofLessons: readonly string[],
): Promise<ReadonlyMap<string, Stood>> {
  const rows = await db
    .select(columns)
    .from(sittings)
    .where(inArray(sittings.lesson, [...ofLessons]))
    .orderBy(sittings.changedAt);
  // The latest comes last and wins.
  return new Map(rows.map(({ lesson, ...stood }) => [lesson, stood]));
}
