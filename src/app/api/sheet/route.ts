import { fileNameOf } from "@/core/lesson/write-lesson";
import { MAX_SHEET, Sheet, SheetPages } from "@/core/sheet/sheet";
import * as z from "@/core/zod";
import { readJson, refuse } from "../../answers";
import { download } from "../../downloads";
import { inPaperRoom } from "../../paper-room";

const SheetRequest = z.object({
  sheet: Sheet,
  copies: z.int().check(z.minimum(1), z.maximum(MAX_SHEET.copies)),
  pages: SheetPages,
});

/** A sheet as a PDF, or only its first copies. */
export async function POST(request: Request): Promise<Response> {
  const json = await readJson(request);
  if ("refused" in json) return json.refused;
  const asked = SheetRequest.safeParse(json.value);
  if (!asked.success) return refuse(400, "There is no sheet in this request. Reload the page and try again.");
  const made = await inPaperRoom("sheet", asked.data, request.signal).catch(() => null);
  if (made === null)
    return refuse(503, "The sheet could not be made just now. Try again, or make fewer copies at once.");
  const bytes = typeof made === "string" ? made : new Uint8Array(made);
  // Nothing on the sheet has an answer.
  if (bytes.length === 0) return new Response(null, { status: 204 });
  return download(bytes, `${fileNameOf(asked.data.sheet.title)}.pdf`, "application/pdf", "inline");
}
