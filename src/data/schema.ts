import { sql } from "drizzle-orm";
import { index, integer, primaryKey, sqliteTable, text, uniqueIndex } from "drizzle-orm/sqlite-core";

/** One row a lesson. The lesson itself is a document in the lesson file format. */
export const lessons = sqliteTable("lessons", {
  id: text("id").primaryKey(),
  document: text("document").notNull(),
  /** Goes up by one with each save; a save names the revision it was based on. */
  revision: integer("revision").notNull().default(1),
  /** The name that the latest save gave itself, so that a window recognises its own save. */
  saveName: text("save_name"),
  createdAt: integer("created_at", { mode: "timestamp_ms" }).notNull().default(sql`(unixepoch() * 1000)`),
  changedAt: integer("changed_at", { mode: "timestamp_ms" }).notNull().default(sql`(unixepoch() * 1000)`),
  taughtAt: integer("taught_at", { mode: "timestamp_ms" }),
  /** Set when the lesson was taken off the shelf; it can be put back. */
  removedAt: integer("removed_at", { mode: "timestamp_ms" }),
});

export type LessonRow = typeof lessons.$inferSelect;

/**
 * One row a lesson: its shelf entry, taken from its document at that revision. It is written when the shelf is next
 * looked at, so it can be thrown away at any time. Its search words stand in `shelf_finds`, under the same id. Triggers on
 * `lessons` keep `latest` and `removedAt`, set `way` to 0 when a lesson is saved, and delete the entry with its lesson.
 */
export const shelfEntries = sqliteTable(
  "shelf_entries",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    lesson: text("lesson").notNull(),
    revision: integer("revision").notNull(),
    /** The version of the code that took it from the document; 0 where it must be taken anew. */
    way: integer("way").notNull(),
    /** When the lesson was last changed or taught, in milliseconds, and when it was removed. */
    latest: integer("latest").notNull(),
    removedAt: integer("removed_at"),
    /** Its sort keys. */
    titleKey: text("title_key").notNull(),
    classKey: text("class_key").notNull(),
    labels: text("labels").notNull(),
    /** Null where the document cannot be read: then `fault` says why. It comes last, since what comes after a long text is slow to read. */
    fault: text("fault"),
    entry: text("entry"),
  },
  (table) => [
    uniqueIndex("entry_of_lesson").on(table.lesson),
    index("entries_by_way").on(table.way),
    // All that the shelf is chosen and sorted by, so that none of the long texts are read over.
    index("entries_on_shelf").on(table.removedAt, table.latest, table.titleKey, table.classKey, table.labels),
  ],
);

/** One row a pattern card of the library. Each rule is stored once. */
export const cards = sqliteTable("cards", {
  id: text("id").primaryKey(),
  rule: text("rule").notNull().unique(),
  keptAt: integer("kept_at", { mode: "timestamp_ms" }).notNull().default(sql`(unixepoch() * 1000)`),
});

/** One row a sitting: where a lesson stands with a class, and what was done live there. A class has one of each lesson. */
export const sittings = sqliteTable(
  "sittings",
  {
    lesson: text("lesson").notNull(),
    forClass: text("for_class").notNull(),
    /** The board on show and how far it is climbed, readable without the rest. */
    board: text("board").notNull(),
    climbed: integer("climbed").notNull(),
    whereabouts: text("whereabouts").notNull(),
    changedAt: integer("changed_at", { mode: "timestamp_ms" }).notNull(),
  },
  (table) => [primaryKey({ columns: [table.lesson, table.forClass] })],
);

/** One row a version: a lesson as it was after a time of preparing. */
export const versions = sqliteTable(
  "versions",
  {
    id: integer("id").primaryKey({ autoIncrement: true }),
    lesson: text("lesson").notNull(),
    document: text("document").notNull(),
    /** When it was last changed. */
    changedAt: integer("changed_at", { mode: "timestamp_ms" }).notNull(),
  },
  (table) => [index("versions_of_lesson").on(table.lesson, table.changedAt)],
);
