import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { zipSync } from "fflate";
import { afterEach, beforeEach, describe, expect, test } from "vitest";
import { demoFiles } from "../../tests/support/demo-files";
import { readLessonFile } from "../core/lesson/lesson-file";
import { newBoard, newLesson } from "../core/lesson/new-lesson";
import { writeLessonFile } from "../core/lesson/write-lesson";
import { startingChart } from "../core/surface/starting-charts";
import { keepCard, keptCards } from "./cards";
import { type Database, openDatabase } from "./database";
import { loadDemoLessons } from "./demo-lessons";
import { type Choice, type Incoming, openFiles, standingOf } from "./incoming";
import { findLesson, noteTaught, removedLessons, setRemoved, shelfLessons } from "./lessons";
import { lessons as table } from "./schema";
import { keepCards, packShelf, unpackShelf } from "./shelf-file";

const DEMO = join(process.cwd(), "demo");
const utf8 = new TextEncoder();
const lesson = (title: string, board = "Board 1") =>
  newLesson({ title, forClass: "Tern class" }, newBoard("b", board, startingChart("1-100")));
const incoming = (text: string, name = "file.json"): Incoming => ({
  name,
  read: readLessonFile(utf8.encode(text)),
});
const named = (id: string, title: string, board?: string) =>
  incoming(writeLessonFile(id, lesson(title, board)));
const demo = () => demoFiles().map(({ file, text }) => incoming(text, file));

let folder: string;
let db: Database;
const open = () => openDatabase(`file:${join(folder, `${Math.random()}.db`)}`);
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), "yellow-stair-"));
  db = await open();
});
afterEach(() => {
  db.$client.close();
  rmSync(folder, { recursive: true });
});

const kinds = async (files: Incoming[]) => (await standingOf(db, files)).map(({ kind }) => kind);
const all =
  (choice: Choice): ((index: number) => Choice) =>
  () =>
    choice;
const fileOf = async (id: string) => {
  const kept = await findLesson(db, id);
  if (!kept?.read.ok) throw new Error("It is not there.");
  return writeLessonFile(id, kept.read.lesson);
};
const titles = async () =>
  (await shelfLessons(db)).map(({ read }) => (read.ok ? read.lesson.title : read.message));

describe("files to be opened", () => {
  test("from a file to the database and back nothing changes, byte for byte", async () => {
    for (const one of demo()) {
      if (!one.read.ok) throw new Error(one.read.message);
      const text = writeLessonFile(one.name.replace(".json", ""), one.read.lesson);
      await openFiles(db, [incoming(text)], all("leave"));
      expect(await fileOf(one.name.replace(".json", ""))).toBe(text);
    }
  });

  test("opened twice they are there once, with a name of their own or without", async () => {
    const files = [...demo(), named("posts", "Posts")];
    expect(new Set(await kinds(files))).toEqual(new Set(["new"]));
    const opened = await openFiles(db, files, all("leave"));
    expect(opened).toMatchObject({ opened: files.length, replaced: 0, left: 0 });
    expect(new Set(await kinds(files))).toEqual(new Set(["same"]));
    await openFiles(db, files, all("both"));
    expect(await shelfLessons(db)).toHaveLength(files.length);
    // Files opened together keep their order.
    expect((await shelfLessons(db)).map(({ id }) => id)).toEqual(opened.ids);
  });

  test("one that is there and differs is left, kept beside it, or put in its place", async () => {
    await openFiles(db, [named("posts", "Posts", "Before")], all("leave"));
    const file = named("posts", "Posts", "After");
    expect(await kinds([file])).toEqual(["differs"]);
    const before = await fileOf("posts");

    expect(await openFiles(db, [file], all("leave"))).toMatchObject({ opened: 0, left: 1 });
    expect(await fileOf("posts")).toBe(before);

    await openFiles(db, [file], all("both"));
    expect(await titles()).toEqual(["Posts copy", "Posts"]);
    expect(await fileOf("posts")).toBe(before);

    expect(await openFiles(db, [file], all("replace"))).toMatchObject({ replaced: 1 });
    expect(await fileOf("posts")).toContain("After");
    expect((await findLesson(db, "posts"))!.revision).toBe(2);
    // The lesson that it replaces is not lost.
    const [gone] = await removedLessons(db);
    expect(gone!.read.ok && gone!.read.lesson.boards[0]!.title).toBe("Before");
    await setRemoved(db, gone!.id, false);
    expect((await titles()).sort()).toEqual(["Posts", "Posts", "Posts copy"]);
  });

  test("a lesson without a name is known by its title and class; a removed one comes back", async () => {
    await openFiles(db, [named("posts", "Posts", "Before")], all("leave"));
    const nameless = incoming(JSON.stringify(lesson("Posts", "After")));
    expect(await kinds([nameless])).toEqual(["differs"]);
    await setRemoved(db, "posts", true);
    expect(await kinds([nameless])).toEqual(["new"]);
    expect(await kinds([named("posts", "Posts", "Before")])).toEqual(["same"]);
    await openFiles(db, [named("posts", "Posts", "Before")], all("leave"));
    expect(await titles()).toEqual(["Posts"]);
  });

  test("a file that cannot be read leaves the shelf as it was, and holds up no other", async () => {
    await openFiles(db, [named("posts", "Posts")], all("leave"));
    const broken = incoming('{"format": "yellow-stair-lesson", "version": 5}');
    expect(await openFiles(db, [broken], all("replace"))).toMatchObject({ opened: 0, replaced: 0, left: 0 });
    expect(await titles()).toEqual(["Posts"]);
    await openFiles(db, [broken, named("gulls", "Gulls")], all("leave"));
    expect((await titles()).sort()).toEqual(["Gulls", "Posts"]);
  });

  test("two of one name in a handful both come; when the database fails, none does", async () => {
    const two = [
      named("posts", "Posts", "One"),
      named("posts", "Posts", "Two"),
      named("posts", "Posts", "One"),
    ];
    expect(await kinds(two)).toEqual(["new", "new", "same"]);
    await openFiles(db, two, all("leave"));
    expect(await titles()).toEqual(["Posts", "Posts"]);
    await db.$client.execute(
      "CREATE TRIGGER no_gulls BEFORE INSERT ON lessons WHEN new.id = 'gulls' BEGIN SELECT RAISE(ABORT, 'full'); END",
    );
    await expect(
      openFiles(db, [named("nests", "Nests"), named("gulls", "Gulls")], all("leave")),
    ).rejects.toThrow();
    expect(await titles()).toEqual(["Posts", "Posts"]);
  });

  test("a damaged lesson is replaced by its file, and its bytes are kept", async () => {
    await db.insert(table).values({ id: "posts", document: "{ broken" });
    const file = named("posts", "Posts");
    expect(await kinds([file])).toEqual(["differs"]);
    await openFiles(db, [file], all("replace"));
    expect(await titles()).toEqual(["Posts"]);
    const { rows } = await db.$client.execute("SELECT document FROM lessons WHERE removed_at IS NOT NULL");
    expect(rows[0]![0]).toBe("{ broken");
  });
});

describe("all lessons as one zip", () => {
  test("an empty database becomes the same shelf; twice makes no doubles", async () => {
    await loadDemoLessons(db, DEMO);
    await noteTaught(db, "rope-in-quarters");
    const rule = { join: "and", conditions: [{ kind: "multiple", not: false, of: "6" }] };
    await keepCard(db, "card", rule as never);
    const zip = await packShelf(db);
    const shown = async (of: Database) =>
      (await shelfLessons(of)).map(({ id, read, changedAt, taughtAt }) => ({
        file: read.ok ? writeLessonFile(id, read.lesson) : "",
        changedAt,
        taughtAt,
      }));
    const other = await open();
    for (let times = 0; times < 2; times += 1) {
      const unpacked = unpackShelf("all.zip", zip);
      if (!unpacked.ok) throw new Error(unpacked.message);
      await openFiles(other, unpacked.files, all("both"));
      await keepCards(other, unpacked.cards);
      expect(await shown(other)).toEqual(await shown(db));
      expect((await keptCards(other)).map((card) => card.rule)).toEqual(
        (await keptCards(db)).map((card) => card.rule),
      );
    }
    other.$client.close();
  });

  test("lessons of one title have files of their own; one that cannot be read goes along as it is", async () => {
    await openFiles(db, [named("a", "Posts", "One"), named("b", "Posts", "Two")], all("leave"));
    await db.insert(table).values({ id: "bad", document: "{ broken" });
    const unpacked = unpackShelf("all.zip", await packShelf(db));
    expect(unpacked.ok && unpacked.files.map(({ name }) => name)).toEqual(["posts.json", "posts-2.json"]);
  });

  test("a zip made by hand opens; what is no lesson in it is told of or passed over", () => {
    const zip = zipSync({
      "tern/posts.json": utf8.encode(writeLessonFile("posts", lesson("Posts"))),
      "tern/notes.json": utf8.encode("[]"),
      "tern/gull.png": new Uint8Array([1, 2, 3]),
      "__MACOSX/tern/._posts.json": new Uint8Array([1]),
      "../up.json": utf8.encode(writeLessonFile("up", lesson("Up"))),
    });
    const unpacked = unpackShelf("tern.zip", zip);
    expect(unpacked.ok && unpacked.files.map(({ name, read }) => [name, read.ok])).toEqual([
      ["up.json", true],
      ["notes.json", false],
      ["posts.json", true],
    ]);
  });

  test.each([
    [
      "half a zip",
      zipSync({ "a.json": utf8.encode("{}".repeat(500)) }, { level: 0 }).subarray(0, 700),
      /is damaged/,
    ],
    ["nothing to open", zipSync({ "a.txt": new Uint8Array(3) }), /There is no lesson in/],
    [
      "a file that swells",
      zipSync({ "a.json": new Uint8Array(6_000_000) }),
      /“a.json” in “x.zip” is larger than 5/,
    ],
    [
      "many that swell together",
      zipSync(
        Object.fromEntries(Array.from({ length: 90 }, (_, i) => [`${i}.json`, new Uint8Array(4_900_000)])),
      ),
      /holds more than Yellow Stair opens at once/,
    ],
  ])("%s is refused", (_, zip, message) => {
    const unpacked = unpackShelf("x.zip", zip);
    expect(unpacked.ok ? "" : unpacked.message).toMatch(message);
  });
});
