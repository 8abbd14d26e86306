import { type ParseError, parse } from "jsonc-parser";
import { toJSONSchema } from "zod/mini";
import { schema } from "../schema";
import * as z from "../zod";
import { Lesson } from "./lesson";
import { type LessonRead, readLesson } from "./read-lesson";

/** Largest file with a lesson in it, in bytes. */
export const MAX_FILE = 5_000_000;

/** The permanent id by which a lesson is recognised on any shelf. */
export const LessonName = schema((z) => z.string().check(z.regex(/^[A-Za-z0-9_-]{1,40}$/)));

/** A lesson as stored in its file. One without an id was written by hand, or by an older Yellow Stair. */
export const LessonFile = schema((z) => z.extend(Lesson(z), { id: z.optional(LessonName(z)) }));

export type FileRead =
  | (Extract<LessonRead, { ok: true }> & { id: string | null })
  | Extract<LessonRead, { ok: false }>;

/**
 * Reads the bytes of a lesson file, as they come from anywhere.
 * @returns the lesson and its name, null where it has none that can be used; or what is wrong, and where
 */
export function readLessonFile(bytes: Uint8Array): FileRead {
  if (bytes.length > MAX_FILE) {
    return { ok: false, message: "This file is too large for a lesson: it has more than 5 megabytes." };
  }
  let text: string;
  try {
    text = new TextDecoder("utf-8", { fatal: true }).decode(bytes);
  } catch {
    return { ok: false, message: "This file is not a Yellow Stair lesson: it is not text." };
  }
  if (text.trim() === "") return { ok: false, message: "This file is empty." };
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return { ok: false, message: brokenAt(text) };
  }
  const read = readLesson(value);
  if (!read.ok) return read;
  const id = LessonName(z).safeParse((value as { id?: unknown }).id);
  return { ...read, id: id.success ? id.data : null };
}

const BROKEN_OFF = "This lesson is not whole: its file breaks off. Ask for it again.";

/** Where a text is no longer valid JSON. */
function brokenAt(text: string): string {
  if (!/^\s*[{[]/.test(text)) return "This file is not a Yellow Stair lesson.";
  const errors: ParseError[] = [];
  try {
    parse(text, errors, { disallowComments: true });
  } catch {
    // Nested deeper than any lesson can be.
    return BROKEN_OFF;
  }
  const { offset: at, length } = errors[0] ?? { offset: text.length, length: 0 };
  if (at + length >= text.trimEnd().length) return BROKEN_OFF;
  return `This lesson cannot be read: its file is not JSON from line ${text.slice(0, at).split("\n").length} on.`;
}

/** The JSON Schema of the lesson file, as it is written today. */
export const lessonFileSchema = (): object => ({
  $schema: "https://json-schema.org/draft/2020-12/schema",
  title: "Yellow Stair lesson",
  ...toJSONSchema(LessonFile(z), { io: "input", unrepresentable: "any", reused: "ref" }),
});
