import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { addDays } from "date-fns";
import * as fc from "fast-check";
import { afterEach, beforeEach, describe, expect, test } from "vitest";
import type { Lesson } from "../core/lesson/lesson";
import { newBoard, newLesson } from "../core/lesson/new-lesson";
import { ALL_LESSONS, type ShelfWish } from "../core/lesson/shelf-wish";
import { startingChart } from "../core/surface/starting-charts";
import { type Database, openDatabase } from "./database";
import { addLesson, countLessons, findLesson, noteTaught, saveLesson, setRemoved } from "./lessons";
import { DAYS_REMOVED, forgetRemoved } from "./removed";
import { findOnShelf, labelsOnShelf, removedFromShelf } from "./shelf";
import { entryOf } from "./shelf-entries";
import { keepSitting, sittingsOf } from "./sittings";
import { versionsOf } from "./versions";

const lesson = (title: string, more: Partial<Lesson> = {}, question = ""): Lesson => {
  const board = newBoard("b", "Board 1", startingChart("1-100"));
  const step = { id: "s", title: "Look", question, answer: "", note: "Bring the rope", beats: [] };
  return { ...newLesson({ title, forClass: "Tern class" }, { ...board, stair: [step] }), ...more };
};

let folder: string;
let db: Database;
beforeEach(async () => {
  folder = mkdtempSync(join(tmpdir(), "yellow-stair-"));
  db = await openDatabase(`file:${join(folder, "lessons.db")}`);
});
afterEach(() => {
  db.$client.close();
  rmSync(folder, { recursive: true });
});

const titles = async (wish: Partial<ShelfWish> = {}, from = 0, max = 100) =>
  (await findOnShelf(db, { ...ALL_LESSONS, ...wish }, from, max)).lessons.map(({ told }) =>
    told.ok ? told.entry.title : told.message,
  );
const at = (minute: number) => new Date(2026, 8, 1, 9, minute);

describe("what is looked for", () => {
  beforeEach(async () => {
    await addLesson(
      db,
      "posts",
      lesson("Posts", { labels: ["jetty", "autumn"] }, "Which post is 16?"),
      at(1),
    );
    await addLesson(db, "seats", lesson("Seats on the ferry", { labels: ["autumn"] }, "Row 6?"), at(2));
    await addLesson(db, "cafe", lesson("Café on the quay", { forClass: "Heron class" }), at(3));
  });

  test("is found by the beginning of each of its words, whatever their case and accents", async () => {
    expect(await titles({ find: "ferry SEA" })).toEqual(["Seats on the ferry"]);
    expect(await titles({ find: "cafe" })).toEqual(["Café on the quay"]);
    expect(await titles({ find: "rope" })).toHaveLength(3);
    expect(await titles({ find: "heron autumn" })).toEqual([]);
    const titled = await findOnShelf(db, { ...ALL_LESSONS, find: "tern post" }, 0, 9, "title");
    expect(titled.lessons.map(({ id }) => id)).toEqual(["posts"]);
    expect((await findOnShelf(db, { ...ALL_LESSONS, find: "rope" }, 0, 9, "title")).total).toBe(0);
    expect(await titles({ find: "autumn tern" })).toEqual(["Seats on the ferry", "Posts"]);
  });

  test("a number is found as a whole", async () => {
    expect(await titles({ find: "6" })).toEqual(["Seats on the ferry"]);
    expect(await titles({ find: "16" })).toEqual(["Posts"]);
  });

  test("a number is found however it is written, here and there", async () => {
    await addLesson(db, "far", lesson("Far out", {}, "Which buoy is 1,000 metres away?"), at(4));
    await addLesson(db, "half", lesson("Half a rope", {}, "Where is ½ of it?"), at(5));
    await addLesson(db, "tide", lesson("Tide", {}, "What stands at 0.5 metres? And at -3?"), at(6));
    for (const find of ["1000", "1,000"]) expect(await titles({ find })).toEqual(["Far out"]);
    for (const find of ["½", "1/2", "0.5"]) expect(await titles({ find })).toEqual(["Tide", "Half a rope"]);
    expect(await titles({ find: "−3" })).toEqual(["Tide"]);
    expect(await titles({ find: "100" })).toEqual([]);
  });

  test("whatever is typed is answered: words, signs, quotes", async () => {
    await fc.assert(
      fc.asyncProperty(fc.string({ maxLength: 100, unit: "binary" }), async (find) => {
        await titles({ find });
      }),
      { numRuns: 200 },
    );
    for (const find of ['"', "' OR 1=1 --", "NEAR(a b)", "words:posts", "*", "(", "a AND", "−6"])
      expect(Array.isArray(await titles({ find }))).toBe(true);
    expect(await titles({ find: "?!" })).toEqual([]);
  });

  test("by a label, and by both", async () => {
    expect(await titles({ label: "autumn" })).toEqual(["Seats on the ferry", "Posts"]);
    expect(await titles({ label: "autumn", find: "16" })).toEqual(["Posts"]);
    expect(await titles({ label: "aut" })).toEqual([]);
    await addLesson(db, "quoted", lesson("Quoted", { labels: ['say "jetty", twice', "a,b", "%_"] }));
    for (const label of ['say "jetty", twice', "a,b", "%_"])
      expect(await titles({ label })).toEqual(["Quoted"]);
    expect(await titles({ label: "jetty" })).toEqual(["Posts"]);
    await setRemoved(db, "quoted", true);
    expect(await labelsOnShelf(db)).toEqual([
      { label: "autumn", lessons: 2 },
      { label: "jetty", lessons: 1 },
    ]);
    await setRemoved(db, "posts", true);
    expect(await labelsOnShelf(db)).toEqual([{ label: "autumn", lessons: 1 }]);
  });
});

describe("the order", () => {
  test("the one last changed or taught first, or by title and class with numbers by their size", async () => {
    await addLesson(db, "a", lesson("Lesson 10", { forClass: "" }), at(1));
    await addLesson(db, "b", lesson("lesson 9", { forClass: "Tern class" }), at(2));
    await addLesson(db, "c", lesson("Écluse", { forClass: "Heron class" }), at(3));
    expect(await titles()).toEqual(["Écluse", "lesson 9", "Lesson 10"]);
    expect(await titles({ order: "title" })).toEqual(["Écluse", "lesson 9", "Lesson 10"]);
    expect(await titles({ order: "class" })).toEqual(["Écluse", "lesson 9", "Lesson 10"]);
    await noteTaught(db, "a");
    expect(await titles()).toEqual(["Lesson 10", "Écluse", "lesson 9"]);
  });

  test("parts of the shelf, one after the other, are the shelf", async () => {
    for (let i = 0; i < 25; i += 1) await addLesson(db, `l${i}`, lesson(`Lesson ${i}`), at(i % 4));
    for (const order of ["latest", "title", "class"] as const) {
      const parts = [];
      for (let from = 0; from < 25; from += 7) parts.push(...(await titles({ order }, from, 7)));
      expect(parts).toEqual(await titles({ order }));
      expect(new Set(parts).size).toBe(25);
    }
    const part = await findOnShelf(db, ALL_LESSONS, 20, 7);
    expect([part.total, part.lessons.length]).toEqual([25, 5]);
    expect((await findOnShelf(db, ALL_LESSONS, 900, 7)).lessons).toEqual([]);
  });
});

describe("a shelf entry", () => {
  const entry = async () =>
    (
      await db.$client.execute("SELECT lesson, revision, way, latest, removed_at FROM shelf_entries")
    ).rows.map((row) => ({ ...row }));

  test("is written anew for a lesson saved meanwhile, and for none deleted meanwhile", async () => {
    await addLesson(db, "a", lesson("Buoys"));
    const before = (await findLesson(db, "a"))!;
    await titles();
    await saveLesson(db, "a", { basedOn: 1, saveName: "one", lesson: lesson("Buoys in a line") });
    // The entry of the lesson as it was before the save, written late.
    await db.run(entryOf(before));
    expect(await entry()).toMatchObject([{ revision: 1, way: 0 }]);
    expect(await titles()).toEqual(["Buoys in a line"]);
    expect(await entry()).toMatchObject([{ revision: 2 }]);

    await setRemoved(db, "a", true);
    await forgetRemoved(db, addDays(new Date(), DAYS_REMOVED + 1));
    await db.run(entryOf(before));
    expect(await entry()).toEqual([]);
  });

  test("is the same however its lesson came to be changed, taught, removed and put back", async () => {
    const act = fc.constantFrom("save", "teach", "remove", "put back", "look");
    await fc.assert(
      fc.asyncProperty(fc.array(act, { maxLength: 8 }), async (acts) => {
        await db.$client.executeMultiple("DELETE FROM lessons; DELETE FROM shelf_entries;");
        await addLesson(db, "a", lesson("Buoys"), at(1));
        let revision = 1;
        for (const one of acts) {
          if (one === "teach") await noteTaught(db, "a");
          else if (one === "look") await titles();
          else if (one !== "save") await setRemoved(db, "a", one === "remove");
          else {
            const save = { basedOn: revision, saveName: `${revision}`, lesson: lesson(`Buoys ${revision}`) };
            const answer = await saveLesson(db, "a", save);
            if (answer.kind === "saved") revision = answer.revision;
          }
        }
        await titles();
        const kept = await entry();
        // Thrown away, and written from the lesson alone.
        await db.$client.execute("DELETE FROM shelf_entries");
        await titles();
        expect(kept).toEqual(await entry());
        expect(kept).toHaveLength(1);
      }),
      { numRuns: 40 },
    );
  });
});

describe("what the shelf tells", () => {
  test("is as the lesson was last saved", async () => {
    await addLesson(db, "a", lesson("Buoys"));
    expect(await titles({ find: "buoys" })).toEqual(["Buoys"]);
    await saveLesson(db, "a", {
      basedOn: 1,
      saveName: "one",
      lesson: lesson("Nests", { labels: ["gulls"] }),
    });
    expect(await titles({ find: "buoys" })).toEqual([]);
    expect(await titles({ find: "gulls" })).toEqual(["Nests"]);
    const [shelved] = (await findOnShelf(db, ALL_LESSONS, 0, 1)).lessons;
    expect(shelved).toMatchObject({ id: "a", revision: 2 });
  });

  test("shows of the first board no more than its first step", async () => {
    const board = lesson("Buoys").boards[0]!;
    const more = { ...board.stair[0]!, id: "s2", title: "What comes later" };
    await addLesson(db, "a", lesson("Buoys", { boards: [{ ...board, stair: [board.stair[0]!, more] }] }));
    const [shelved] = (await findOnShelf(db, ALL_LESSONS, 0, 1)).lessons;
    if (!shelved?.told.ok) throw new Error("It can be read.");
    expect(shelved.told.entry.stairs).toEqual([{ id: "b", steps: 2 }]);
    expect(JSON.stringify(shelved.told.entry)).not.toContain("What comes later");
  });

  test("is taken from the lesson again where it was damaged, or written by an older Yellow Stair", async () => {
    await addLesson(db, "a", lesson("Buoys"));
    await titles();
    for (const damage of [
      "UPDATE shelf_entries SET entry = '{'",
      `UPDATE shelf_entries SET entry = '{"title":""}'`,
      "UPDATE shelf_entries SET entry = NULL",
      "UPDATE shelf_entries SET way = 0, title_key = 'zzz'",
      "DELETE FROM shelf_entries",
    ]) {
      await db.$client.execute(damage);
      expect(await titles(), damage).toEqual(["Buoys"]);
      expect(await titles({ find: "buoys" }), damage).toEqual(["Buoys"]);
    }
  });

  test("a lesson that cannot be read keeps its place, with the reason", async () => {
    await addLesson(db, "a", lesson("Buoys"), at(1));
    await addLesson(db, "b", lesson("Nests"), at(2));
    await db.$client.execute("UPDATE lessons SET document = '{', revision = 2 WHERE id = 'b'");
    expect(await titles()).toEqual(["This lesson is damaged and cannot be read.", "Buoys"]);
  });
});

describe("removed lessons", () => {
  test(`wait ${DAYS_REMOVED} days, and then go with all that was kept about them`, async () => {
    await addLesson(db, "a", lesson("Buoys"));
    await addLesson(db, "b", lesson("Nests"));
    await saveLesson(db, "a", { basedOn: 1, saveName: "one", lesson: lesson("Buoys again") });
    await keepSitting(db, "a", { forClass: "Tern class", board: "b", climbed: 1, whereabouts: "{}" });
    await setRemoved(db, "a", true);
    expect((await removedFromShelf(db, 0, 10)).lessons.map(({ id }) => id)).toEqual(["a"]);

    const now = new Date();
    expect(await forgetRemoved(db, addDays(now, DAYS_REMOVED - 1))).toBe(0);
    expect(await setRemoved(db, "a", false)).toBe(true);
    expect(await findLesson(db, "a")).not.toBeNull();
    expect(await versionsOf(db, "a")).toHaveLength(1);

    await setRemoved(db, "a", true);
    expect(await forgetRemoved(db, addDays(new Date(), DAYS_REMOVED + 1))).toBe(1);
    expect(await countLessons(db)).toBe(1);
    expect(await versionsOf(db, "a")).toEqual([]);
    expect(await sittingsOf(db, "a")).toEqual([]);
    expect(await titles({ find: "buoys" })).toEqual([]);
    const finds = await db.$client.execute("SELECT count(*) FROM shelf_finds");
    expect(finds.rows[0]?.[0]).toBe(1);
    // Whatever is on the shelf is never deleted, however old.
    expect(await forgetRemoved(db, addDays(new Date(), 4000))).toBe(0);
    expect(await titles()).toEqual(["Nests"]);
  });
});
