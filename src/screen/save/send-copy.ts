import { MAX } from "@/core/lesson/bounds";
import type { Lesson } from "@/core/lesson/lesson";
import { forgetWork, type WorkAside } from "./kept-keys";
import { answers, ask } from "./save-door";

/** Puts a lesson on the shelf as a new one, and gives its id. Throws with a message for the teacher. */
export async function sendCopy(lesson: Lesson): Promise<string> {
  const said = await ask("POST", "/api/lessons", { lesson });
  const answer = (await answers()).CopyAnswer.parse(said);
  if (answer.kind === "refused") throw new Error(answer.message);
  return answer.id;
}

/** Puts a lesson that was set aside on the shelf as one of its own, and gives its id. Throws as `sendCopy` does. */
export async function sendAside({ key, lesson }: Pick<WorkAside, "key" | "lesson">): Promise<string> {
  const words = ", set aside";
  const id = await sendCopy({
    ...lesson,
    title: `${lesson.title.slice(0, MAX.title - words.length)}${words}`,
  });
  forgetWork(key);
  return id;
}
