import { mkdtempSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { createClient } from "@libsql/client";
import { expect, test } from "vitest";
import { newBoard, newLesson } from "../core/lesson/new-lesson";
import { ALL_LESSONS } from "../core/lesson/shelf-wish";
import { startingChart } from "../core/surface/starting-charts";
import { openDatabase } from "./database";
import { findOnShelf, removedFromShelf } from "./shelf";

const MIGRATIONS = "src/data/migrations";
type Journal = { entries: { tag: string; when: number }[] };

/** Makes a database file as an older Yellow Stair left it: with the tables of its migrations, and these rows. */
async function olderDatabase(file: string, last: string, rows: readonly (readonly [string, unknown[]])[]) {
  const client = createClient({ url: `file:${file}` });
  const { entries } = JSON.parse(readFileSync(join(MIGRATIONS, "meta/_journal.json"), "utf8")) as Journal;
  const done = entries.slice(0, entries.findIndex(({ tag }) => tag === last) + 1);
  expect(done.length).toBeGreaterThan(0);
  for (const { tag } of done)
    for (const statement of readFileSync(join(MIGRATIONS, `${tag}.sql`), "utf8").split(
      "--> statement-breakpoint",
    ))
      await client.execute(statement);
  await client.execute(
    "CREATE TABLE __drizzle_migrations (id INTEGER PRIMARY KEY, hash text NOT NULL, created_at numeric)",
  );
  for (const { tag, when } of done)
    await client.execute("INSERT INTO __drizzle_migrations (hash, created_at) VALUES (?, ?)", [tag, when]);
  for (const [statement, values] of rows) await client.execute(statement, values as string[]);
  client.close();
}

test("the shelf of an older database stands as it was: order, removed lessons, search", async () => {
  const folder = mkdtempSync(join(tmpdir(), "yellow-stair-"));
  const file = join(folder, "lessons.db");
  const text = (title: string) =>
    JSON.stringify(
      newLesson({ title, forClass: "Tern class" }, newBoard("b", "Board 1", startingChart("1-100"))),
    );
  const LESSON =
    "INSERT INTO lessons (id, document, revision, changed_at, taught_at, removed_at) VALUES (?, ?, ?, ?, ?, ?)";
  // As written for "Buoys": the entry of a lesson at its revision. That of "Nests" dates from before its last save.
  const ENTRY =
    "INSERT INTO shelf_entries (id, lesson, revision, way, title_key, class_key, labels, entry) VALUES (?, ?, ?, ?, ?, ?, ?, ?)";
  await olderDatabase(file, "0004_shelf", [
    [LESSON, ["buoys", text("Buoys"), 1, 1000, 5000, null]],
    [LESSON, ["nests", text("Nests of gulls"), 2, 2000, null, null]],
    [LESSON, ["rope", text("Rope"), 1, 3000, null, 4000]],
    [LESSON, ["lamps", text("Lamps"), 1, 500, null, null]],
    [ENTRY, [3, "buoys", 1, 0, "buoys", "tern class", "[]", null]],
    [ENTRY, [7, "nests", 1, 1, "nests", "tern class", "[]", "{}"]],
  ]);
  const db = await openDatabase(`file:${file}`);
  try {
    const ids = async (find = "") =>
      (await findOnShelf(db, { ...ALL_LESSONS, find }, 0, 10)).lessons.map(({ id }) => id);
    expect(await ids()).toEqual(["buoys", "nests", "lamps"]);
    expect(await ids("gulls")).toEqual(["nests"]);
    expect((await removedFromShelf(db, 0, 10)).lessons.map(({ id }) => id)).toEqual(["rope"]);
  } finally {
    db.$client.close();
    rmSync(folder, { recursive: true });
  }
});
