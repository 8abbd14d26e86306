import { fileNameOf, writeLessonFile } from "@/core/lesson/write-lesson";
import { database } from "@/data/database";
import { findLesson } from "@/data/lessons";
import { refuse } from "../../../../answers";
import { download } from "../../../../downloads";

/** A lesson as a file. */
export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  const kept = await findLesson(await database(), id);
  if (!kept) return refuse(404, "This lesson is no longer on the shelf.");
  if (!kept.read.ok) return refuse(400, kept.read.message);
  const { lesson } = kept.read;
  return download(writeLessonFile(id, lesson), `${fileNameOf(lesson.title)}.json`, "application/json");
}
