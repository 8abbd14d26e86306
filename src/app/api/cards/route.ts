import { nanoid } from "nanoid";
import { dropCard, keepCard, keptCards } from "@/data/cards";
import { database } from "@/data/database";
import { type LibraryAnswer, LibraryRequest } from "@/screen/library/library-messages";
import { readJson, refuse } from "../../answers";

/** Lists, adds or removes pattern cards of the library; answers with the cards that it then holds. */
export async function POST(request: Request): Promise<Response> {
  const json = await readJson(request);
  if ("refused" in json) return json.refused;
  const asked = LibraryRequest.safeParse(json.value);
  if (!asked.success) {
    return refuse(400, "The card library cannot do what was asked. Reload the page and try again.");
  }
  const db = await database();
  const { data } = asked;
  if (data.do === "keep" && !(await keepCard(db, nanoid(), data.rule))) {
    const message = "The card library is full. Remove a card from it first.";
    return Response.json({ ok: false, message } satisfies LibraryAnswer);
  }
  if (data.do === "drop") await dropCard(db, data.id);
  return Response.json({ ok: true, cards: await keptCards(db) } satisfies LibraryAnswer);
}
