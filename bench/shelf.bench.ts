import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { test } from "vitest";
import type { Lesson } from "@/core/lesson/lesson";
import { readLesson } from "@/core/lesson/read-lesson";
import { ALL_LESSONS } from "@/core/lesson/shelf-wish";
import { openDatabase } from "@/data/database";
import { knownBoards } from "@/data/known-boards";
import { addLesson, saveLesson } from "@/data/lessons";
import { lessons as rows } from "@/data/schema";
import { findOnShelf } from "@/data/shelf";
import { largeLesson } from "./large-lesson.mjs";

const LESSONS = 10_000;
const TIMES = 15;

/** The median time of some runs, in milliseconds. */
async function median(run: (time: number) => Promise<unknown>): Promise<number> {
  const times: number[] = [];
  for (let time = 0; time < TIMES; time += 1) {
    const start = performance.now();
    await run(time);
    times.push(performance.now() - start);
  }
  return times.sort((a, b) => a - b)[Math.floor(TIMES / 2)]!;
}

const read = (file: string): Lesson => {
  const lesson = readLesson(JSON.parse(readFileSync(join("demo", file), "utf8")));
  if (!lesson.ok) throw new Error(lesson.message);
  return lesson.lesson;
};

test("measures a shelf of 10,000 lessons and saving", async () => {
  const folder = mkdtempSync(join(tmpdir(), "yellow-stair-"));
  const db = await openDatabase(`file:${join(folder, "a.db")}`);
  try {
    const demo = readdirSync("demo")
      .filter((file) => file.endsWith(".json"))
      .map(read);
    for (let i = 0; i < LESSONS; i += 500) {
      await db.insert(rows).values(
        Array.from({ length: 500 }, (_, k) => {
          const lesson = demo[(i + k) % demo.length]!;
          const document = JSON.stringify({
            ...lesson,
            title: `${lesson.title} ${i + k}`,
            labels: ["autumn"],
          });
          return { id: `l${i + k}`, document };
        }),
      );
    }
    const find = (wish: object, from = 0) => findOnShelf(db, { ...ALL_LESSONS, ...wish }, from, 24);
    await find({});
    const words = await median(() => find({ find: "jetty six" }));
    // The first letter finds nearly all.
    const letter = await median(() => find({ find: "l" }));
    const titles = await median(() => find({ order: "title", label: "autumn" }, 5000));
    const saving = async (id: string, lesson: Lesson) => {
      const [board, ...more] = lesson.boards;
      const texts = Array.from({ length: TIMES }, (_, time) =>
        JSON.stringify({ ...lesson, boards: [{ ...board!, title: `Changed ${time} times` }, ...more] }),
      );
      await addLesson(db, id, lesson);
      return median(async (time) => {
        // As a request brings it: text that is read and checked before it is kept. A board of it has changed.
        const text = texts[time]!;
        const came = readLesson(JSON.parse(text), knownBoards);
        if (!came.ok) throw new Error(came.message);
        await saveLesson(db, id, { basedOn: time + 1, saveName: `s${time}`, lesson: came.lesson });
      });
    };
    const small = await saving("small", demo[0]!);
    const large = await saving("large", largeLesson(demo[0]!) as Lesson);
    const row = (name: string, value: number, budget: number) => ({ name, value, unit: "ms", budget });
    writeFileSync(
      ".tmp/bench-shelf.json",
      JSON.stringify([
        row("Shelf of 10,000 lessons: two words looked for, median", words, 50),
        row("Shelf of 10,000 lessons: one letter looked for, median", letter, 50),
        row("Shelf of 10,000 lessons: by a label, by title, from the middle, median", titles, 50),
        row("Checking and saving a lesson, median", small, 30),
        row("Checking and saving a lesson of 40 boards with 30 steps each, median", large, 30),
      ]),
    );
  } finally {
    db.$client.close();
    rmSync(folder, { recursive: true });
  }
}, 240_000);
