import { addDays } from "date-fns";
import { whereWords } from "@/core/lesson/where-words";
import type { Database } from "@/data/database";
import { DAYS_REMOVED } from "@/data/removed";
import type { Shelved, ShelfPart as Told } from "@/data/shelf";
import { lastStood, type Stood } from "@/data/sittings";
import type { ShelfLesson } from "@/screen/shelf/shelf-lesson";
import type { ShelfPart } from "@/screen/shelf/shelf-part";
import { whenGone, whenTaught } from "@/screen/shelf/when";

/** Lessons as the shelf shows them, with where each stopped in class. */
export async function shownPart(db: Database, { total, lessons }: Told): Promise<ShelfPart> {
  const now = new Date();
  const stood = await lastStood(
    db,
    lessons.map(({ id }) => id),
  );
  return { total, lessons: lessons.map((one) => shown(one, now, stood.get(one.id))) };
}

function shown(
  { id, revision, told, taughtAt, removedAt }: Shelved,
  now: Date,
  stood: Stood | undefined,
): ShelfLesson {
  const entry = told.ok ? told.entry : null;
  const boards = entry?.stairs.map(({ id: board, steps }) => ({ id: board, stair: { length: steps } })) ?? [];
  // A sitting still at its very start is not worth mentioning.
  const isOn = stood && (stood.climbed > 0 || stood.board !== boards[0]?.id);
  const where = isOn ? whereWords({ boards }, stood.board, stood.climbed) : null;
  return {
    id,
    revision,
    title: entry?.title ?? "A lesson that cannot be read",
    forClass: entry?.forClass ?? "",
    labels: entry?.labels ?? [],
    boards: boards.length,
    taught: [whenTaught(taughtAt, now), where && `to ${where}`].filter(Boolean).join(", "),
    goes: removedAt ? whenGone(addDays(removedAt, DAYS_REMOVED), now) : "",
    fault: told.ok ? null : told.message,
    picture: entry?.picture ?? null,
  };
}
