import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterEach, beforeEach, describe, expect, test } from "vitest";
import { newBoard, newLesson } from "../core/lesson/new-lesson";
import { startingChart } from "../core/surface/starting-charts";
import { type Database, openDatabase } from "./database";
import { loadDemoLessons } from "./demo-lessons";
import {
  addLesson,
  countLessons,
  findLesson,
  noteTaught,
  removedLessons,
  saveLesson,
  setRemoved,
  shelfLessons,
} from "./lessons";
import { lessons } from "./schema";
import { readSettings } from "./settings";

const lesson = (title: string) =>
  newLesson({ title, forClass: "Tern class" }, newBoard("b", "Board 1", startingChart("1-100")));

let folder: string;
let db: Database;
const url = () => `file:${join(folder, "inner", "lessons.db")}`;

beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), "yellow-stair-"));
  db = await openDatabase(url());
});
afterEach(() => {
  db.$client.close();
  rmSync(folder, { recursive: true });
});

const title = async (id: string) => {
  const kept = await findLesson(db, id);
  return kept?.read.ok ? kept.read.lesson.title : null;
};

describe("the database", () => {
  test("keeps a write-ahead log, foreign keys and a busy timeout on, and writes through to the disk", async () => {
    const pragma = async (name: string) => (await db.$client.execute(`PRAGMA ${name}`)).rows[0]?.[0];
    expect(await pragma("journal_mode")).toBe("wal");
    expect(await pragma("foreign_keys")).toBe(1);
    expect(await pragma("busy_timeout")).toBe(5000);
    expect(await pragma("synchronous")).toBe(2);
  });

  test("is opened again with what was in it", async () => {
    await addLesson(db, "a", lesson("Buoys"));
    const again = await openDatabase(url());
    expect(await countLessons(again)).toBe(1);
    again.$client.close();
  });

  test("two windows on one file both write", async () => {
    const other = await openDatabase(url());
    await Promise.all(
      Array.from({ length: 20 }, (_, i) => addLesson(i % 2 ? db : other, `l${i}`, lesson(`Lesson ${i}`))),
    );
    expect(await countLessons(db)).toBe(20);
    other.$client.close();
  });

  test("settings that cannot be used are told plainly", () => {
    expect(() => readSettings({ DATABASE_URL: "lessons.db" } as never)).toThrow(
      /DATABASE_URL must begin with file:/,
    );
    expect(readSettings({ DATABASE_URL: "" } as never).DATABASE_URL).toBe("file:./data/yellow-stair.db");
  });
});

describe("saving", () => {
  const save = (basedOn: number, name: string, words: string) =>
    saveLesson(db, "a", { basedOn, saveName: name, lesson: lesson(words) });
  beforeEach(() => addLesson(db, "a", lesson("Buoys")));

  test("goes up by one revision each time", async () => {
    expect(await save(1, "x", "Buoys in a line")).toEqual({ kind: "saved", revision: 2 });
    expect(await save(2, "y", "Buoys in two lines")).toEqual({ kind: "saved", revision: 3 });
    expect(await title("a")).toBe("Buoys in two lines");
  });

  test("from a stale window is refused and changes nothing, and names the save before it", async () => {
    await save(1, "x", "From one window");
    expect(await save(1, "y", "From the other")).toEqual({ kind: "stale", revision: 2, saveName: "x" });
    expect(await title("a")).toBe("From one window");
  });

  test("of many at once based on the same revision, one is saved", async () => {
    const answers = await Promise.all(Array.from({ length: 8 }, (_, i) => save(1, `s${i}`, `Lesson ${i}`)));
    expect(answers.map(({ kind }) => kind).sort()).toEqual(["saved", ...Array(7).fill("stale")]);
  });

  test("a lesson that is not on the shelf is told", async () => {
    await setRemoved(db, "a", true);
    expect(await save(1, "x", "Gone")).toEqual({ kind: "missing" });
    expect(await saveLesson(db, "none", { basedOn: 1, saveName: "x", lesson: lesson("x") })).toEqual({
      kind: "missing",
    });
  });
});

describe("the shelf", () => {
  test("shows the lesson last changed or taught first", async () => {
    await addLesson(db, "old", lesson("Old"), new Date(1000));
    await addLesson(db, "new", lesson("New"), new Date(2000));
    expect((await shelfLessons(db)).map(({ id }) => id)).toEqual(["new", "old"]);
    expect(await noteTaught(db, "old")).toBe(true);
    const [first] = await shelfLessons(db);
    expect(first?.id).toBe("old");
    expect(first?.revision).toBe(1);
    expect(Date.now() - first!.taughtAt!.getTime()).toBeLessThan(60_000);
    expect(await noteTaught(db, "none")).toBe(false);
  });

  test("a removed lesson is kept, and put back as it was", async () => {
    await addLesson(db, "a", lesson("Buoys"));
    expect(await setRemoved(db, "a", true)).toBe(true);
    expect([
      await findLesson(db, "a"),
      (await shelfLessons(db)).length,
      (await removedLessons(db)).length,
    ]).toEqual([null, 0, 1]);
    expect(await setRemoved(db, "a", false)).toBe(true);
    expect(await title("a")).toBe("Buoys");
    expect(await setRemoved(db, "none", true)).toBe(false);
  });

  test("a damaged lesson keeps its place and harms no other", async () => {
    await addLesson(db, "good", lesson("Good"));
    await db.insert(lessons).values([
      { id: "broken", document: '{"format":' },
      { id: "strange", document: '{"format":"yellow-stair-lesson","version":1}' },
    ]);
    const read = new Map((await shelfLessons(db)).map((kept) => [kept.id, kept.read]));
    expect(read.get("good")?.ok).toBe(true);
    expect(read.get("broken")).toMatchObject({ ok: false, message: /damaged/ });
    expect(read.get("strange")).toMatchObject({ ok: false, message: /cannot be read at/ });
  });
});

describe("the demo lessons", () => {
  const demo = join(process.cwd(), "demo");

  test("are put on an empty shelf, in the order of their files", async () => {
    expect(await loadDemoLessons(db, demo)).toBeGreaterThanOrEqual(3);
    expect((await shelfLessons(db))[0]?.id).toBe("lamps-on-the-jetty");
    expect(await loadDemoLessons(db, demo)).toBe(0);
  });

  test("are never put where a teacher's lessons are, even removed ones", async () => {
    await addLesson(db, "mine", lesson("Mine"));
    await setRemoved(db, "mine", true);
    expect(await loadDemoLessons(db, demo)).toBe(0);
    expect(await countLessons(db)).toBe(1);
  });
});
