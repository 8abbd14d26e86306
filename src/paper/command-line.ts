import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import type { Lesson } from "@/core/lesson/lesson";
import { readLessonFile } from "@/core/lesson/lesson-file";
import type { PictureWish } from "@/core/lesson/picture-wish";
import { fileNameOf, writeLessonFile } from "@/core/lesson/write-lesson";
import { JOBS } from "./jobs";

/** The result for a file: a line of text, and whether all is well. */
export type Done = { readonly ok: boolean; readonly says: string };

type Opened =
  | { readonly ok: true; readonly text: string; readonly id: string | null; readonly lesson: Lesson }
  | (Done & { ok: false });

function opened(file: string): Opened {
  let bytes: Buffer;
  try {
    bytes = readFileSync(file);
  } catch {
    return { ok: false, says: `${file}: There is no such file, or it cannot be read.` };
  }
  const read = readLessonFile(bytes);
  if (!read.ok) return { ok: false, says: `${file}: ${read.message}` };
  return { ok: true, text: bytes.toString("utf8"), id: read.id, lesson: read.lesson };
}

/** Whether a file is a lesson that can be opened. */
export function check(file: string): Done {
  const open = opened(file);
  if (!open.ok) return open;
  const { boards, title } = open.lesson;
  const steps = boards.reduce((sum, { stair }) => sum + stair.length, 0);
  return {
    ok: true,
    says: `${file}: “${title}”, ${count(boards.length, "board")}, ${count(steps, "step")}.`,
  };
}

const count = (many: number, what: string) => `${many} ${what}${many === 1 ? "" : "s"}`;

/** Writes a lesson file as it is written today: an older version is brought up to date, its name kept. */
export function update(file: string): Done {
  const open = opened(file);
  if (!open.ok) return open;
  const { version } = JSON.parse(open.text.replace(/^\uFEFF/, "")) as { version: number };
  const written = writeLessonFile(open.id ?? fileNameOf(open.lesson.title), open.lesson);
  if (written === open.text) return { ok: true, says: `${file}: is up to date.` };
  writeFileSync(file, written);
  const from =
    version === open.lesson.version
      ? "written again"
      : `brought from version ${version} to ${open.lesson.version}`;
  return { ok: true, says: `${file}: ${from}.` };
}

export type PictureOptions = {
  /** From 1; if not given, all boards. */
  readonly board?: number | undefined;
  /** How many steps are climbed. */
  readonly step: number;
  readonly folder: string;
  readonly wish: Omit<PictureWish, "upright" | "strong">;
};

/** Writes pictures of the boards of a lesson into a folder. */
export async function picture(file: string, { board, step, folder, wish }: PictureOptions): Promise<Done[]> {
  const open = opened(file);
  if (!open.ok) return [open];
  const { boards, title } = open.lesson;
  if (board !== undefined && !boards[board - 1]) {
    return [
      {
        ok: false,
        says: `${file}: There is no board ${board}; the lesson has ${count(boards.length, "board")}.`,
      },
    ];
  }
  const done: Done[] = [];
  for (const [index, one] of boards.entries()) {
    if (board !== undefined && index !== board - 1) continue;
    if (wish.view !== null && !one.views.some(({ id }) => id === wish.view)) {
      const names = one.views.map(({ id }) => id).join(", ");
      done.push({ ok: false, says: `${file}: Board ${index + 1} has no view “${wish.view}”, but ${names}.` });
      continue;
    }
    const shown = { board: one, climbed: step, live: [] };
    const made = await JOBS.picture({ shown, wish: { ...wish, upright: false, strong: false } });
    const name = join(folder, `${fileNameOf(title)}-board-${index + 1}.${wish.as}`);
    writeFileSync(name, made);
    done.push({ ok: true, says: name });
  }
  return done;
}

/** Writes the sheets of a lesson, or one of them by its number from 1, as PDF into a folder. */
export async function sheet(
  file: string,
  { sheet: nth, folder }: { sheet?: number | undefined; folder: string },
): Promise<Done[]> {
  const open = opened(file);
  if (!open.ok) return [open];
  const { sheets = [] } = open.lesson;
  const wanted = nth === undefined ? sheets : sheets.slice(nth - 1, nth);
  if (wanted.length === 0) {
    const has = sheets.length === 0 ? "no sheet" : `no sheet ${nth}, but ${count(sheets.length, "sheet")}`;
    return [{ ok: false, says: `${file}: The lesson has ${has}.` }];
  }
  const done: Done[] = [];
  for (const one of wanted) {
    const name = join(folder, `${fileNameOf(one.title)}.pdf`);
    writeFileSync(name, await JOBS.sheet({ sheet: one, copies: one.copies }));
    done.push({ ok: true, says: name });
  }
  return done;
}
