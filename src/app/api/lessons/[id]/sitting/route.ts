import { database } from "@/data/database";
import { findLesson } from "@/data/lessons";
import { endSitting, keepSitting, sittingsOf } from "@/data/sittings";
import { SittingRequest } from "@/screen/sitting/sitting-messages";
import { readJson, refuse } from "../../../../answers";
import { sittingsTold } from "../../../../sittings-told";

/** Where a lesson stopped with the class named in the request, or, if none is named, with each class, in words. */
export async function GET(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const forClass = new URL(request.url).searchParams.get("class");
  const [{ id }, db] = [await params, await database()];
  if (forClass === null) {
    const kept = await findLesson(db, id);
    return Response.json(kept?.read.ok ? await sittingsTold(db, id, kept.read.lesson) : []);
  }
  const there = (await sittingsOf(db, id)).find((one) => one.forClass === forClass);
  if (!there) return refuse(404, "This sitting is no longer kept. Begin from the beginning.");
  return new Response(there.whereabouts, { headers: { "Content-Type": "application/json" } });
}

/** Stores where a lesson stands with a class, or starts it again from the beginning. */
export async function PUT(
  request: Request,
  { params }: { params: Promise<{ id: string }> },
): Promise<Response> {
  const json = await readJson(request);
  if ("refused" in json) return json.refused;
  const asked = SittingRequest.safeParse(json.value);
  if (!asked.success)
    return refuse(400, "There is no sitting in this request. Reload the page and try again.");
  const [{ id }, db] = [await params, await database()];
  if (!(await findLesson(db, id))) return refuse(404, "This lesson is no longer on the shelf.");
  const { forClass, where } = asked.data;
  if (where === null) {
    await endSitting(db, id, forClass);
    return Response.json({ kind: "ended" });
  }
  const climbed = where.boards[where.at]?.climbed ?? 0;
  await keepSitting(db, id, { forClass, board: where.at, climbed, whereabouts: JSON.stringify(where) });
  return Response.json({ kind: "kept" });
}
