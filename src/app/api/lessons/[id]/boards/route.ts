import { nanoid } from "nanoid";
import { MAX } from "@/core/lesson/bounds";
import { database } from "@/data/database";
import { findLesson, saveLesson } from "@/data/lessons";
import { BoardRequest } from "@/screen/boards/board-messages";
import { readJson, refuse } from "../../../../answers";

/** The lesson may be saved at the same moment; the copy is then made from what was saved. */
const TRIES = 3;

/** Appends a copy of a board to a lesson. */
export async function POST(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const json = await readJson(request);
  if ("refused" in json) return json.refused;
  const asked = BoardRequest.safeParse(json.value);
  if (!asked.success) return refuse(400, "There is no board in this request. Reload the page and try again.");
  const [{ id }, db] = [await params, await database()];
  for (let tries = 0; tries < TRIES; tries += 1) {
    const kept = await findLesson(db, id);
    if (!kept) return refuse(404, "That lesson is no longer on the shelf.");
    if (!kept.read.ok) return refuse(400, kept.read.message);
    const { lesson } = kept.read;
    if (lesson.boards.length >= MAX.boards)
      return refuse(400, `That lesson has ${MAX.boards} boards, and room for no more.`);
    const boards = [...lesson.boards, { ...asked.data.board, id: nanoid(8) }];
    const answer = await saveLesson(db, id, {
      basedOn: kept.revision,
      saveName: nanoid(),
      lesson: { ...lesson, boards },
    });
    if (answer.kind === "saved") return Response.json({ kind: "copied" });
  }
  return refuse(503, "That lesson was being changed just now. Try again.");
}
