import { PictureWish } from "@/core/lesson/picture-wish";
import { ShownBoard } from "@/core/lesson/shown-board";
import * as z from "@/core/zod";
import { readJson, refuse } from "../../answers";
import { inPaperRoom } from "../../paper-room";

const PictureRequest = z.object({ shown: ShownBoard(z), wish: PictureWish(z) });

const TYPES = { svg: "image/svg+xml", png: "image/png" } as const;

/** A picture of a board as it stands on a screen. */
export async function POST(request: Request): Promise<Response> {
  const json = await readJson(request);
  if ("refused" in json) return json.refused;
  const asked = PictureRequest.safeParse(json.value);
  if (!asked.success) return refuse(400, "There is no board in this request. Reload the page and try again.");
  const made = await inPaperRoom("picture", asked.data, request.signal).catch(() => null);
  if (made === null) return refuse(503, "The picture could not be made just now. Try again.");
  return new Response(typeof made === "string" ? made : new Uint8Array(made), {
    headers: { "Content-Type": TYPES[asked.data.wish.as], "Cache-Control": "no-store" },
  });
}
