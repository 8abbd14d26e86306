import { coerce } from "zod/mini";
import { ShelfWish } from "@/core/lesson/shelf-wish";
import * as z from "@/core/zod";
import { database } from "@/data/database";
import { findOnShelf } from "@/data/shelf";
import { AT_A_TIME } from "@/screen/shelf/shelf-lesson";
import { ShelfRequest } from "@/screen/shelf/shelf-messages";
import { readJson, refuse } from "../../answers";
import { changeShelf } from "../../shelf-changes";
import { shownPart } from "../../shelf-lessons";

const From = coerce.number().check(z.int(), z.minimum(0), z.maximum(1_000_000));

/** A page of the shelf: the lessons that match the search, starting at an offset. */
export async function GET(request: Request): Promise<Response> {
  const asked = Object.fromEntries(new URL(request.url).searchParams);
  const from = From.safeParse(asked.from ?? 0);
  if (!from.success) return refuse(400, "The shelf has no such place. Reload the page.");
  const db = await database();
  const told = await findOnShelf(db, ShelfWish(z).parse(asked), from.data, AT_A_TIME);
  return Response.json(await shownPart(db, told), { headers: { "Cache-Control": "no-store" } });
}

/** Creates, renames, duplicates, removes or restores a lesson. */
export async function POST(request: Request): Promise<Response> {
  const json = await readJson(request);
  if ("refused" in json) return json.refused;
  const asked = ShelfRequest.safeParse(json.value);
  if (!asked.success) {
    // The schemas' messages about titles are written for teachers; about anything else there is nothing useful to tell
    // them.
    const said = asked.error.issues.find(({ message }) => !message.startsWith("Invalid"))?.message;
    const message = said ?? "The shelf cannot do what was asked. Reload the page and try again.";
    return Response.json({ ok: false, message }, { status: 400 });
  }
  return Response.json(await changeShelf(await database(), asked.data));
}
