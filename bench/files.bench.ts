import { mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { test } from "vitest";
import { readLessonFile } from "@/core/lesson/lesson-file";
import { openDatabase } from "@/data/database";
import { type Incoming, openFiles } from "@/data/incoming";
import { packShelf, unpackShelf } from "@/data/shelf-file";

const LESSONS = 1_000;
const timed = async <T>(run: () => T | Promise<T>): Promise<[number, T]> => {
  const start = performance.now();
  const made = await run();
  return [performance.now() - start, made];
};

test("measures a zip of a thousand lessons", async () => {
  const folder = mkdtempSync(join(tmpdir(), "yellow-stair-"));
  const db = await openDatabase(`file:${join(folder, "a.db")}`);
  const other = await openDatabase(`file:${join(folder, "b.db")}`);
  try {
    const read = readLessonFile(readFileSync("demo/1-lamps-on-the-jetty.json"));
    if (!read.ok) throw new Error(read.message);
    const files = Array.from({ length: LESSONS }, (_, i): Incoming => {
      const lesson = { ...read.lesson, title: `Lamps ${i}` };
      return { name: `${i}.json`, read: { ok: true, id: `lamps-${i}`, lesson } };
    });
    await openFiles(db, files, () => "leave");
    const [packing, zip] = await timed(() => packShelf(db));
    const [opening] = await timed(async () => {
      const unpacked = unpackShelf("all.zip", zip);
      if (!unpacked.ok) throw new Error(unpacked.message);
      await openFiles(other, unpacked.files, () => "leave");
    });
    const figures = [
      { name: "Files: 1,000 lessons into a zip", value: packing, unit: "ms", budget: 15_000 },
      {
        name: "Files: a zip of 1,000 lessons onto an empty shelf",
        value: opening,
        unit: "ms",
        budget: 20_000,
      },
    ];
    writeFileSync(".tmp/bench-files.json", JSON.stringify(figures));
  } finally {
    db.$client.close();
    other.$client.close();
    rmSync(folder, { recursive: true });
  }
});
