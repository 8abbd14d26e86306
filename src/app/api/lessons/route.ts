import { nanoid } from "nanoid";
import { readLesson } from "@/core/lesson/read-lesson";
import { ShelfWish } from "@/core/lesson/shelf-wish";
import * as z from "@/core/zod";
import { database } from "@/data/database";
import { addLesson } from "@/data/lessons";
import { findOnShelf } from "@/data/shelf";
import type { LessonTold } from "@/screen/boards/board-messages";
import { readJson, refuse } from "../../answers";

const AddRequest = z.object({ lesson: z.unknown() });

/** How many lessons are offered at once; the others are found by searching. */
const OFFERED = 60;

/** Lessons of the shelf to choose from: those whose title or class matches the search, the latest first. */
export async function GET(request: Request): Promise<Response> {
  const wish = ShelfWish(z).parse({ find: new URL(request.url).searchParams.get("find") });
  const { lessons } = await findOnShelf(await database(), wish, 0, OFFERED, "title");
  const told = lessons.flatMap(({ id, told }): LessonTold[] =>
    told.ok ? [{ id, title: told.entry.title, forClass: told.entry.forClass }] : [],
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
