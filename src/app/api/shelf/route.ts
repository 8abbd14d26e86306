import { database } from "@/data/database";
import { ShelfRequest } from "@/screen/shelf/shelf-messages";
import { readJson } from "../../answers";
import { changeShelf } from "../../shelf-changes";

/** Makes, renames, duplicates, removes a lesson, or puts one back. */
export async function POST(request: Request): Promise<Response> {
  const json = await readJson(request);
  if ("refused" in json) return json.refused;
  const asked = ShelfRequest.safeParse(json.value);
  if (!asked.success) {
    // What the schemas say of titles is meant for teachers; of anything else there is nothing more to say.
    const said = asked.error.issues.find(({ message }) => !message.startsWith("Invalid"))?.message;
    const message = said ?? "The shelf cannot do what was asked. Reload the page and try again.";
    return Response.json({ ok: false, message }, { status: 400 });
  }
  return Response.json(await changeShelf(await database(), asked.data));
}
