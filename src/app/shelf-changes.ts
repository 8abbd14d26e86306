import { nanoid } from "nanoid";
import { copyTitle, newLesson } from "@/core/lesson/new-lesson";
import { recipeBoard } from "@/core/lesson/write-recipe";
import { writtenWords } from "@/core/lesson/written-words";
import type { Database } from "@/data/database";
import { addLesson, findLesson, saveLesson, setRemoved } from "@/data/lessons";
import type { ShelfAnswer, ShelfRequest } from "@/screen/shelf/shelf-messages";

const GONE: ShelfAnswer = { ok: false, message: "This lesson is no longer on the shelf. Reload the page." };

/** Carries out a requested change of the shelf. */
export async function changeShelf(db: Database, request: ShelfRequest): Promise<ShelfAnswer> {
  switch (request.do) {
    case "create": {
      const { begins, ...words } = request.lesson;
      const id = nanoid();
      await addLesson(
        db,
        id,
        newLesson(
          words,
          recipeBoard(nanoid(8), begins, () => nanoid(8)),
        ),
      );
      return { ok: true, id };
    }
    case "reword":
      return reword(db, request);
    case "duplicate":
      return duplicate(db, request.id);
    case "remove":
    case "put-back":
      return (await setRemoved(db, request.id, request.do === "remove"))
        ? { ok: true, id: request.id }
        : GONE;
    default:
      return request satisfies never;
  }
}

async function reword(
  db: Database,
  { id, words }: Extract<ShelfRequest, { do: "reword" }>,
): Promise<ShelfAnswer> {
  const kept = await findLesson(db, id);
  if (!kept) return GONE;
  if (!kept.read.ok) return kept.read;
  const { labels: _, ...lesson } = kept.read.lesson;
  const answer = await saveLesson(db, id, {
    basedOn: kept.revision,
    saveName: nanoid(),
    lesson: { ...lesson, ...writtenWords(words) },
  });
  if (answer.kind === "saved") return { ok: true, id };
  return answer.kind === "missing"
    ? GONE
    : { ok: false, message: "The lesson was changed just now. Try again." };
}

async function duplicate(db: Database, id: string): Promise<ShelfAnswer> {
  const kept = await findLesson(db, id);
  if (!kept) return GONE;
  if (!kept.read.ok) return kept.read;
  const copy = nanoid();
  const title = copyTitle(kept.read.lesson.title);
  await addLesson(db, copy, { ...kept.read.lesson, title });
  return { ok: true, id: copy };
}
