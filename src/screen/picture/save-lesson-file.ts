import type { Lesson } from "@/core/lesson/lesson";
import { fileNameOf, writeLessonFile } from "@/core/lesson/write-lesson";
import { say } from "@/kit/messages";
import { keepFile } from "./picture-door";

/** Downloads a lesson as it is now, saved or not. */
export function saveLessonFile(id: string, lesson: Lesson): void {
  const name = `${fileNameOf(lesson.title)}.json`;
  keepFile(new Blob([writeLessonFile(id, lesson)], { type: "application/json" }), name);
  say(`Lesson saved as ${name}.`);
}
