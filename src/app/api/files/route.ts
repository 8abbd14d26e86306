import { database } from "@/data/database";
import { openFiles, standingOf } from "@/data/incoming";
import { keepCards } from "@/data/shelf-file";
import { OpenRequest } from "@/screen/shelf/file-messages";
import { refuse } from "../../answers";
import { lookedAt, readHandful } from "../../open-files";

/**
 * Either only inspects the files, or opens the lessons in them. Every readable lesson comes with a choice of what to do
 * where it exists already.
 */
export async function POST(request: Request): Promise<Response> {
  const handful = await readHandful(request);
  if ("refused" in handful) return handful.refused;
  const asked = OpenRequest.safeParse(handful.asked);
  if (!asked.success) return refuse(400, "These files could not be opened. Reload the page and try again.");
  const { open, choices } = asked.data;
  const db = await database();
  const { files, cards } = handful;
  if (!open) return Response.json({ kind: "looked", files: lookedAt(files, await standingOf(db, files)) });
  const opened = await openFiles(db, files, (index) => choices[index] ?? "leave");
  await keepCards(db, cards);
  const unreadable = files.filter(({ read }) => !read.ok).length;
  return Response.json({ kind: "opened", ...opened, unreadable });
}
