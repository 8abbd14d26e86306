import { readdirSync, readFileSync } from "node:fs";
import { basename, join } from "node:path";
import { readLesson } from "../core/lesson/read-lesson";
import type { Database } from "./database";
import { addLesson, countLessons } from "./lessons";

/**
 * Puts the demo lessons on an empty shelf, in the order of their file names. A shelf that holds anything, even if only
 * removed lessons, is left alone.
 * @returns how many lessons were added
 * @throws if a demo lesson cannot be read
 */
export async function loadDemoLessons(db: Database, folder: string): Promise<number> {
  if ((await countLessons(db)) > 0) return 0;
  const files = readdirSync(folder)
    .filter((file) => file.endsWith(".json"))
    .sort((a, b) => a.localeCompare(b, "en", { numeric: true }));
  const now = Date.now();
  for (const [index, file] of files.entries()) {
    const read = readLesson(JSON.parse(readFileSync(join(folder, file), "utf8")));
    if (!read.ok) throw new Error(`${file}: ${read.message}`);
    await addLesson(
      db,
      basename(file, ".json").replace(/^\d+-/, ""),
      read.lesson,
      new Date(now - index * 1000),
    );
  }
  return files.length;
}
