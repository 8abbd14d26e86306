import { readLesson } from "@/core/lesson/read-lesson";
import { database } from "@/data/database";
import { knownBoards } from "@/data/known-boards";
import { saveLesson } from "@/data/lessons";
import { SaveRequest } from "@/screen/save/save-messages";
import { readJson, refuse } from "../../../answers";

/** Saves a lesson that was edited from a given revision; answers 409 if that is no longer the newest one. */
export async function PUT(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const json = await readJson(request);
  if ("refused" in json) return json.refused;
  const save = SaveRequest.safeParse(json.value);
  if (!save.success) return refuse(400, "This lesson could not be saved. Reload the page and try again.");
  const read = readLesson(save.data.lesson, knownBoards);
  if (!read.ok) return refuse(400, read.message);
  const { id } = await params;
  const answer = await saveLesson(await database(), id, { ...save.data, lesson: read.lesson });
  if (answer.kind === "missing") {
    return refuse(
      404,
      "This lesson is no longer on the shelf. Put it back there, or keep this one as a copy.",
    );
  }
  return Response.json(answer, { status: answer.kind === "stale" ? 409 : 200 });
}
