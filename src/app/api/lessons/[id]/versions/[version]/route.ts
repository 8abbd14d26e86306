import { database } from "@/data/database";
import { findVersion, restoreVersion } from "@/data/versions";
import { RestoreRequest } from "@/screen/versions/version-messages";
import { readJson, refuse } from "../../../../../answers";

type Context = { params: Promise<{ id: string; version: string }> };
const GONE = "This version is no longer kept. Close this and look again.";

/** An earlier version of a lesson. */
export async function GET(_: Request, { params }: Context): Promise<Response> {
  const { id, version } = await params;
  const read = await findVersion(await database(), id, Number(version) || 0);
  if (!read) return refuse(404, GONE);
  return read.ok ? Response.json({ kind: "version", lesson: read.lesson }) : refuse(400, read.message);
}

/** Restores a version. The lesson as it stood becomes a version itself. */
export async function POST(request: Request, { params }: Context): Promise<Response> {
  const json = await readJson(request);
  if ("refused" in json) return json.refused;
  const asked = RestoreRequest.safeParse(json.value);
  if (!asked.success)
    return refuse(400, "This version could not be restored. Reload the page and try again.");
  const { id, version } = await params;
  const done = await restoreVersion(await database(), id, Number(version) || 0, asked.data.saveName);
  return done ? Response.json({ kind: "restored" }) : refuse(404, GONE);
}
