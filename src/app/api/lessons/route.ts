import { nanoid } from "nanoid";
import * as z from "zod/mini";
import { readLesson } from "@/core/lesson/read-lesson";
import { database } from "@/data/database";
import { addLesson, shelfLessons } from "@/data/lessons";
import type { LessonTold } from "@/screen/boards/board-messages";
import { readJson, refuse } from "../../answers";

const AddRequest = z.object({ lesson: z.unknown() });

/** What stands on the shelf, to be chosen from. */
export async function GET(): Promise<Response> {
  const kept = await shelfLessons(await database());
  const told = kept.flatMap(({ id, read }): LessonTold[] =>
    read.ok ? [{ id, title: read.lesson.title, forClass: read.lesson.forClass }] : [],
  );
  return Response.json(told, { headers: { "Cache-Control": "no-store" } });
}

/** Puts a lesson on the shelf as a new one. */
export async function POST(request: Request): Promise<Response> {
  const json = await readJson(request);
  if ("refused" in json) return json.refused;
  const add = AddRequest.safeParse(json.value);
  if (!add.success) return refuse(400, "There is no lesson in this request. Reload the page and try again.");
  const read = readLesson(add.data.lesson);
  if (!read.ok) return refuse(400, read.message);
  const id = nanoid();
  await addLesson(await database(), id, read.lesson);
  return Response.json({ kind: "added", id }, { status: 201 });
}
