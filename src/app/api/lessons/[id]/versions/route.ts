import { database } from "@/data/database";
import { versionsOf } from "@/data/versions";
import { whenChanged } from "@/screen/shelf/when";
import type { VersionTold } from "@/screen/versions/version-messages";

/** The versions of a lesson, the latest first. */
export async function GET(_: Request, { params }: { params: Promise<{ id: string }> }): Promise<Response> {
  const { id } = await params;
  const now = new Date();
  const all = await versionsOf(await database(), id, now);
  return Response.json(
    all.map(
      ({ id: version, changedAt }): VersionTold => ({ id: version, when: whenChanged(changedAt, now) }),
    ),
    { headers: { "Cache-Control": "no-store" } },
  );
}
