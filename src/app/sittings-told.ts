import type { Lesson } from "@/core/lesson/lesson";
import { whereWords } from "@/core/lesson/where-words";
import type { Database } from "@/data/database";
import { sittingsOf } from "@/data/sittings";
import { whenStopped } from "@/screen/shelf/when";
import type { SittingTold } from "@/screen/sitting/sitting-messages";

/** Where a lesson stopped with each class, in words, the latest first. */
export async function sittingsTold(db: Database, id: string, lesson: Lesson): Promise<SittingTold[]> {
  const now = new Date();
  return (await sittingsOf(db, id)).flatMap(({ forClass, board, climbed, changedAt }) => {
    const where = whereWords(lesson, board, climbed);
    return where ? [{ forClass, where, when: whenStopped(changedAt, now) }] : [];
  });
}
