import { eq, sql } from "drizzle-orm";
import type { BatchItem } from "drizzle-orm/batch";
import { nanoid } from "nanoid";
import type { Lesson } from "../core/lesson/lesson";
import type { FileRead } from "../core/lesson/lesson-file";
import { copyTitle } from "../core/lesson/new-lesson";
import { orderKey } from "../core/lesson/shelf-entry";
import type { Database } from "./database";
import { type Kept, keptByIds } from "./lessons";
import { lessons, shelfEntries } from "./schema";
import { updateEntries } from "./shelf-entries";

/** A file to be opened, as read, and what the list of a zip says about it. */
export type Incoming = {
  readonly name: string;
  readonly read: FileRead;
  readonly changedAt?: Date | undefined;
  readonly taughtAt?: Date | null | undefined;
};

/** What to do with a lesson that exists already in another state. */
export type Choice = "replace" | "both" | "leave";

/** How an incoming file relates to the existing lessons. */
export type Standing =
  | { readonly kind: "unreadable"; readonly message: string }
  /** It is new. */
  | { readonly kind: "new"; readonly id: string; readonly lesson: Lesson }
  /** An identical lesson exists, on the shelf or among the removed ones. */
  | { readonly kind: "same"; readonly id: string; readonly lesson: Lesson; readonly removed: boolean }
  /** It exists and differs. */
  | { readonly kind: "differs"; readonly id: string; readonly lesson: Lesson; readonly there: Kept };

/**
 * How each file relates to the existing lessons; changes nothing. A lesson is recognised by its id; one without an id
 * by its contents, or else by its title and class.
 */
export async function standingOf(db: Database, files: readonly Incoming[]): Promise<Standing[]> {
  const lookedFor = files.flatMap(({ read }) => (read.ok ? [read] : []));
  const byName = new Map((await namedLessons(db, lookedFor)).map((kept) => [kept.id, kept]));
  const byWords = new Map<string, Kept[]>();
  for (const kept of byName.values()) {
    if (!kept.read.ok) continue;
    const words = wordsOf(kept.read.lesson);
    byWords.set(words, [...(byWords.get(words) ?? []), kept]);
  }
  /** The new ids in these files. */
  const coming = new Map<string, Set<string>>();
  return files.map(({ read }): Standing => {
    if (!read.ok) return { kind: "unreadable", message: read.message };
    const { lesson } = read;
    const text = JSON.stringify(lesson);
    const alike = byWords.get(wordsOf(lesson)) ?? [];
    const there =
      read.id === null
        ? (alike.find((kept) => textOf(kept) === text) ?? alike.find(({ removedAt }) => removedAt === null))
        : byName.get(read.id);
    if (there) {
      return textOf(there) === text
        ? { kind: "same", id: there.id, lesson, removed: there.removedAt !== null }
        : { kind: "differs", id: there.id, lesson, there };
    }
    const id = read.id ?? `file:${text}`;
    const before = coming.get(id);
    if (before?.has(text)) return { kind: "same", id, lesson, removed: false };
    coming.set(id, new Set([...(before ?? []), text]));
    // Of two lessons with the same id among files opened together, the second gets another id.
    return { kind: "new", id: read.id === null || before !== undefined ? nanoid() : read.id, lesson };
  });
}

/**
 * The lessons that some files may match: those with their ids or, for files without one, their titles; on the shelf
 * first.
 */
async function namedLessons(
  db: Database,
  files: readonly { readonly id: string | null; readonly lesson: Lesson }[],
): Promise<Kept[]> {
  await updateEntries(db);
  const names = files.flatMap(({ id }) => id ?? []);
  const titles = files.flatMap(({ id, lesson }) => (id === null ? orderKey(lesson.title) : []));
  const titled = await db
    .select({ id: shelfEntries.lesson })
    .from(shelfEntries)
    .where(sql`${shelfEntries.titleKey} IN (SELECT value FROM json_each(${JSON.stringify(titles)}))`);
  const kept = await keptByIds(db, [...new Set([...names, ...titled.map(({ id }) => id)])]);
  const off = ({ removedAt }: Kept) => (removedAt === null ? 0 : 1);
  return kept.sort((a, b) => off(a) - off(b) || b.changedAt.getTime() - a.changedAt.getTime());
}

const wordsOf = ({ title, forClass }: Lesson) => JSON.stringify([title, forClass]);
const textOf = ({ read }: Kept) => (read.ok ? JSON.stringify(read.lesson) : null);

/** How many lessons were opened, replaced others, or were left out. */
export type Opened = { opened: number; replaced: number; left: number; ids: string[] };

/**
 * Opens files: all of them, or none if the database fails. A replaced lesson goes to the removed ones, from where it
 * can be put back.
 * @param choiceOf what to do with the file at an index, if its lesson exists already
 */
export async function openFiles(
  db: Database,
  files: readonly Incoming[],
  choiceOf: (index: number) => Choice,
): Promise<Opened> {
  const standing = await standingOf(db, files);
  const now = Date.now();
  const tally: Opened = { opened: 0, replaced: 0, left: 0, ids: [] };
  const row = (index: number, id: string, lesson: Lesson) => ({
    id,
    document: JSON.stringify(lesson),
    // Files opened together keep their order.
    changedAt: files[index]!.changedAt ?? new Date(now - index),
    taughtAt: files[index]!.taughtAt ?? null,
  });
  const writes = standing.flatMap((one, index): BatchItem<"sqlite">[] => {
    if (one.kind === "unreadable") return [];
    const choice = one.kind === "differs" ? choiceOf(index) : "leave";
    if (one.kind === "same" && one.removed) {
      tally.opened += 1;
      tally.ids.push(one.id);
      return [db.update(lessons).set({ removedAt: null }).where(eq(lessons.id, one.id))];
    }
    if (one.kind === "new") {
      tally.opened += 1;
      tally.ids.push(one.id);
      return [db.insert(lessons).values(row(index, one.id, one.lesson))];
    }
    if (one.kind === "same" || choice === "leave") {
      tally.left += 1;
      return [];
    }
    if (choice === "both") {
      tally.opened += 1;
      const id = nanoid();
      tally.ids.push(id);
      const title = copyTitle(one.lesson.title);
      return [db.insert(lessons).values(row(index, id, { ...one.lesson, title }))];
    }
    tally.replaced += 1;
    tally.ids.push(one.id);
    return replacing(db, one, new Date(now - index));
  });
  const [first, ...rest] = writes;
  if (first) await db.batch([first, ...rest]);
  return tally;
}

/** Replaces a lesson; the old one is kept among the removed ones, even if it cannot be read. */
function replacing(db: Database, { id, lesson, there }: Extract<Standing, { kind: "differs" }>, at: Date) {
  return [
    db.run(sql`
      INSERT INTO ${lessons} (id, document, created_at, changed_at, taught_at, removed_at)
      SELECT ${nanoid()}, document, created_at, changed_at, taught_at, ${at.getTime()} FROM ${lessons} WHERE id = ${id}`),
    db
      .update(lessons)
      .set({
        document: JSON.stringify(lesson),
        revision: there.revision + 1,
        saveName: nanoid(),
        changedAt: at,
        removedAt: null,
      })
      .where(eq(lessons.id, id)),
  ];
}
