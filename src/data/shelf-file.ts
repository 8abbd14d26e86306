import { type Unzipped, unzipSync, zipSync } from "fflate";
import { nanoid } from "nanoid";
import { iso } from "zod/mini";
import * as z from "@/core/zod";
import { MAX_FILE, readLessonFile } from "../core/lesson/lesson-file";
import { fileNameOf, writeLessonFile } from "../core/lesson/write-lesson";
import { Rule } from "../core/set/rule";
import { keepCard, keptCards, MAX_KEPT_CARDS } from "./cards";
import type { Database } from "./database";
import type { Incoming } from "./incoming";
import { rawDocument, shelfLessons } from "./lessons";

/** Limits of a zip: its size, the size of its contents, and the number of files. */
export const MAX_ZIP = { bytes: 100_000_000, unpacked: 400_000_000, files: 5_000 } as const;

const LIST = "shelf.json";
const DAMAGED = "cannot-be-read/";

const When = iso.datetime();
/** What a zip of all lessons records besides their files: when they were changed and taught; and the card library. */
const ShelfList = z.object({
  format: z.literal("yellow-stair-shelf"),
  version: z.literal(1),
  lessons: z.array(z.object({ file: z.string(), changed: When, taught: z.nullable(When) })),
  cards: z.array(Rule(z)).check(z.maxLength(MAX_KEPT_CARDS)),
});
type ShelfList = z.infer<typeof ShelfList>;

/** All lessons of the shelf as one zip: a readable file each, and the list above. */
export async function packShelf(db: Database): Promise<Uint8Array<ArrayBuffer>> {
  const utf8 = new TextEncoder();
  const files: Record<string, Uint8Array> = {};
  const list: ShelfList["lessons"] = [];
  for (const { id, read, changedAt, taughtAt } of await shelfLessons(db)) {
    if (!read.ok) {
      files[`${DAMAGED}${fileNameOf(id)}.json`] = await rawDocument(db, id);
      continue;
    }
    const name = fileNameOf(read.lesson.title);
    let file = `${name}.json`;
    for (let n = 2; Object.hasOwn(files, file); n += 1) file = `${name}-${n}.json`;
    files[file] = utf8.encode(writeLessonFile(id, read.lesson));
    list.push({ file, changed: changedAt.toISOString(), taught: taughtAt?.toISOString() ?? null });
  }
  const cards = (await keptCards(db)).map(({ rule }) => rule);
  const shelf: ShelfList = { format: "yellow-stair-shelf", version: 1, lessons: list, cards };
  return zipSync({ [LIST]: utf8.encode(`${JSON.stringify(shelf, null, 2)}\n`), ...files }, { level: 6 });
}

export type Unpacked = { ok: true; files: Incoming[]; cards: Rule[] } | { ok: false; message: string };

/** Whether bytes begin as a zip does. */
export const isZip = (bytes: Uint8Array): boolean =>
  bytes[0] === 0x50 && bytes[1] === 0x4b && (bytes[2] === 3 || bytes[2] === 5);

/** The lessons of a zip, in the order of its list; or what is wrong with it. Unpacking is bounded in size. */
export function unpackShelf(name: string, bytes: Uint8Array): Unpacked {
  let found: Unzipped;
  let [unpacked, count] = [0, 0];
  try {
    found = unzipSync(bytes, {
      filter: ({ name: file, originalSize }) => {
        if (!/\.json$/i.test(file) || file.startsWith(DAMAGED) || /(^|\/)(__MACOSX\/|\._)/.test(file))
          return false;
        // A file that is too large is reported by name and not unpacked.
        if (originalSize > MAX_FILE) throw new TooMuch(`“${file}” in “${name}” is larger than 5 megabytes.`);
        [unpacked, count] = [unpacked + originalSize, count + 1];
        if (count > MAX_ZIP.files || unpacked > MAX_ZIP.unpacked) {
          throw new TooMuch(`“${name}” holds more than Yellow Stair opens at once: make two files of it.`);
        }
        return true;
      },
    });
  } catch (reason) {
    if (reason instanceof TooMuch) return { ok: false, message: reason.message };
    return { ok: false, message: `“${name}” is damaged: it cannot be unpacked. Ask for it again.` };
  }
  const list = readList(found[LIST]);
  const told = new Map(list?.lessons.map((one) => [one.file, one]));
  const order = list?.lessons.map(({ file }) => file) ?? [];
  const place = (file: string) => (told.has(file) ? order.indexOf(file) : order.length);
  const names = Object.keys(found).filter((file) => !(list && file === LIST));
  if (names.length === 0) return { ok: false, message: `There is no lesson in “${name}”.` };
  return {
    ok: true,
    cards: list?.cards ?? [],
    files: names
      .map((file) => ({ file, at: place(file) }))
      .sort((a, b) => a.at - b.at || a.file.localeCompare(b.file, "en", { numeric: true }))
      .map(({ file }) => {
        const when = told.get(file);
        return {
          name: file.replace(/^.*\//, ""),
          read: readLessonFile(found[file]!),
          ...(when && {
            changedAt: new Date(when.changed),
            taughtAt: when.taught === null ? null : new Date(when.taught),
          }),
        };
      }),
  };
}

class TooMuch extends Error {}

function readList(bytes: Uint8Array | undefined): ShelfList | null {
  if (!bytes) return null;
  try {
    const read = ShelfList.safeParse(JSON.parse(new TextDecoder("utf-8", { fatal: true }).decode(bytes)));
    return read.success ? read.data : null;
  } catch {
    return null;
  }
}

/** Adds the missing pattern cards to the library, as many as there is room for. */
export async function keepCards(db: Database, rules: readonly Rule[]): Promise<void> {
  // The library lists the latest first; add them so that this order is kept.
  for (const rule of [...rules].reverse()) if (!(await keepCard(db, nanoid(), rule))) return;
}
