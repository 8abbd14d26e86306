import type { Lesson } from "./lesson";

/** The text of a lesson file: JSON that a person can read and compare line by line. */
export function writeLessonFile(id: string, { format, version, ...rest }: Lesson): string {
  return `${JSON.stringify({ format, version, id, ...rest }, null, 2)}\n`;
}

/** A file name made from a title: lower case, without characters that a file system may reject. */
export function fileNameOf(title: string): string {
  const plain = title
    .normalize("NFKD")
    .toLowerCase()
    .replace(/\p{M}/gu, "")
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-+|-+$/g, "")
    .slice(0, 60);
  return plain === "" ? "lesson" : plain;
}
