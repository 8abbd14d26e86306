"use server";

import { nanoid } from "nanoid";
import { revalidatePath } from "next/cache";
import type * as z from "zod/mini";
import { LessonWords, MOST } from "@/core/lesson/lesson";
import { newBoard, newLesson } from "@/core/lesson/new-lesson";
import { startingChart } from "@/core/surface/starting-charts";
import { database } from "@/data/database";
import { addLesson, findLesson, saveLesson, setRemoved } from "@/data/lessons";
import { LessonId, NewLessonRequest, type ShelfAnswer } from "@/screen/shelf/shelf-messages";

const GONE: ShelfAnswer = { ok: false, message: "This lesson is no longer on the shelf. Reload the page." };

/** Checks what came in, and answers with the first fault where there is one. */
function checked<T>(
  schema: z.ZodMiniType<T>,
  value: unknown,
): { ok: true; value: T } | { ok: false; message: string } {
  const read = schema.safeParse(value);
  return read.success
    ? { ok: true, value: read.data }
    : { ok: false, message: read.error.issues[0]!.message };
}

function done(id: string): ShelfAnswer {
  revalidatePath("/", "layout");
  return { ok: true, id };
}

export async function createLesson(request: unknown): Promise<ShelfAnswer> {
  const asked = checked(NewLessonRequest, request);
  if (!asked.ok) return asked;
  const { chart, ...words } = asked.value;
  const id = nanoid();
  await addLesson(
    await database(),
    id,
    newLesson(words, newBoard(nanoid(8), "Board 1", startingChart(chart))),
  );
  return done(id);
}

export async function rewordLesson(id: unknown, words: unknown): Promise<ShelfAnswer> {
  const [asked, said] = [checked(LessonId, id), checked(LessonWords, words)];
  if (!asked.ok) return asked;
  if (!said.ok) return said;
  const db = await database();
  const kept = await findLesson(db, asked.value);
  if (!kept) return GONE;
  if (!kept.read.ok) return kept.read;
  const lesson = { ...kept.read.lesson, ...said.value };
  const answer = await saveLesson(db, kept.id, { basedOn: kept.revision, saveName: nanoid(), lesson });
  if (answer.kind === "saved") return done(kept.id);
  return answer.kind === "missing"
    ? GONE
    : { ok: false, message: "The lesson was changed just now. Try again." };
}

export async function duplicateLesson(id: unknown): Promise<ShelfAnswer> {
  const asked = checked(LessonId, id);
  if (!asked.ok) return asked;
  const db = await database();
  const kept = await findLesson(db, asked.value);
  if (!kept) return GONE;
  if (!kept.read.ok) return kept.read;
  const copy = nanoid();
  const title = `${kept.read.lesson.title.slice(0, MOST.title - 5)} copy`;
  await addLesson(db, copy, { ...kept.read.lesson, title });
  return done(copy);
}

export async function removeLesson(id: unknown): Promise<ShelfAnswer> {
  return setOnShelf(id, false);
}

export async function putBackLesson(id: unknown): Promise<ShelfAnswer> {
  return setOnShelf(id, true);
}

async function setOnShelf(id: unknown, there: boolean): Promise<ShelfAnswer> {
  const asked = checked(LessonId, id);
  if (!asked.ok) return asked;
  return (await setRemoved(await database(), asked.value, !there)) ? done(asked.value) : GONE;
}
