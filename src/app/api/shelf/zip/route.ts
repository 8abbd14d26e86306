import { format } from "date-fns";
import { database } from "@/data/database";
import { packShelf } from "@/data/shelf-file";
import { download } from "../../../downloads";

/** All lessons of the shelf as one zip. */
export async function GET(): Promise<Response> {
  const today = format(new Date(), "yyyy-MM-dd");
  return download(await packShelf(await database()), `yellow-stair-lessons-${today}.zip`, "application/zip");
}
