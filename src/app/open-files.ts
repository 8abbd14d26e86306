import { MAX_FILE, readLessonFile } from "@/core/lesson/lesson-file";
import type { Rule } from "@/core/set/rule";
import type { Incoming, Standing } from "@/data/incoming";
import { isZip, MAX_ZIP, unpackShelf } from "@/data/shelf-file";
import { type FileStanding, LARGEST_HANDFUL } from "@/screen/shelf/file-messages";
import { boardsOf } from "@/screen/shelf/shelf-lesson";
import { whenTaught } from "@/screen/shelf/when";
import { isForeign, refuse } from "./answers";

export type Handful = { files: Incoming[]; cards: Rule[]; asked: unknown };

/** Maximum number of files opened together. */
const MAX = 1_000;

/**
 * The files in a request from this application's own pages, those of a zip one by one; or the answer that refuses them.
 */
export async function readHandful(request: Request): Promise<Handful | { refused: Response }> {
  if (isForeign(request)) {
    return { refused: refuse(403, "This request came from another site and was not carried out.") };
  }
  if (Number(request.headers.get("content-length") ?? Number.POSITIVE_INFINITY) > LARGEST_HANDFUL) {
    return { refused: refuse(413, "These files are too large to open at once. Open them one by one.") };
  }
  let form: FormData;
  let asked: unknown;
  try {
    form = await request.formData();
    asked = JSON.parse(String(form.get("asked")));
  } catch {
    return { refused: refuse(400, "These files did not arrive whole. Try again.") };
  }
  const sent = form.getAll("file").filter((one): one is File => one instanceof File);
  if (sent.length === 0 || sent.length > MAX) {
    return { refused: refuse(400, `Open 1 to ${MAX.toLocaleString("en-GB")} files at once.`) };
  }
  const files: Incoming[] = [];
  const cards: Rule[] = [];
  for (const file of sent) {
    // A large file that is not a zip is refused without being read.
    const bytes = new Uint8Array(await file.slice(0, MAX_ZIP.bytes).arrayBuffer());
    if (!isZip(bytes)) {
      files.push({ name: file.name, read: readLessonFile(bytes.subarray(0, MAX_FILE + 1)) });
      continue;
    }
    const unpacked = unpackShelf(file.name, bytes);
    if (unpacked.ok) {
      files.push(...unpacked.files);
      cards.push(...unpacked.cards);
    } else files.push({ name: file.name, read: unpacked });
  }
  return { files, cards, asked };
}

/** What the teacher is told about each file before it is opened. */
export function lookedAt(files: readonly Incoming[], standing: readonly Standing[]): FileStanding[] {
  return standing.map((one, index) => {
    const { name, read } = files[index]!;
    const title = read.ok ? read.lesson.title : "";
    return { index, file: name.slice(0, 120), title, standing: one.kind, message: messageOf(one) };
  });
}

function messageOf(one: Standing): string {
  if (one.kind === "unreadable") return one.message;
  if (one.kind === "same")
    return one.removed ? "It is among the removed lessons." : "It is on the shelf already.";
  if (one.kind === "new") return "";
  const { there } = one;
  const changed = there.changedAt.toLocaleDateString("en-GB", {
    day: "numeric",
    month: "long",
    year: "numeric",
  });
  const holds = there.read.ok ? `, ${boardsOf(there.read.lesson.boards.length)}` : ", damaged";
  return `There: changed on ${changed}${holds}, ${whenTaught(there.taughtAt, new Date())}. In this file: ${boardsOf(one.lesson.boards.length)}.`;
}
