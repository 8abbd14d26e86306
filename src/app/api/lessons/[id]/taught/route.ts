import { database } from "@/data/database";
import { noteTaught } from "@/data/lessons";
import { readJson, refuse } from "../../../../answers";

/** Records that a lesson has just been taught. */
export async function POST(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const json = await readJson(request);
  if ("refused" in json) return json.refused;
  const { id } = await params;
  if (!(await noteTaught(await database(), id))) return refuse(404, "This lesson is no longer on the shelf.");
  return Response.json({ kind: "noted" });
}
