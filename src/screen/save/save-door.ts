import { MAX } from "@/core/lesson/bounds";
import type { Lesson } from "@/core/lesson/lesson";
import { patient } from "@/kit/patient";
import type { Whereabouts } from "../store/whereabouts";
import { forgetWork, type WorkAside } from "./kept-keys";
import type { Save, SaveAnswer } from "./save-messages";

/** Reads an answer. Not needed for the board to stand; loaded before the first save. */
const answers = patient(() => import("./save-messages"));

const TOO_LONG_MS = 15_000;
/** Maximum size of a request from a closing page, in bytes: letters beyond ASCII take several. */
const CLOSING_BYTES = 60_000;

async function ask(method: "PUT" | "POST", path: string, body: unknown): Promise<unknown> {
  const text = JSON.stringify(body);
  const response = await fetch(path, {
    method,
    headers: { "Content-Type": "application/json" },
    body: text,
    keepalive: new TextEncoder().encode(text).length < CLOSING_BYTES,
    signal: AbortSignal.timeout(TOO_LONG_MS),
  });
  if (response.status >= 500) throw new Error(`The server answered ${response.status}.`);
  return response.json();
}

/** Sends a save. Throws when no answer comes that can be read: then it is not known whether it was saved. */
export async function sendSave(id: string, save: Save): Promise<SaveAnswer> {
  const said = await ask("PUT", `/api/lessons/${encodeURIComponent(id)}`, save);
  return (await answers()).SaveAnswer.parse(said);
}

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

/** Whether the server answers now. */
export const isAnswering = (): Promise<boolean> =>
  fetch("/api/alive", { signal: AbortSignal.timeout(4_000) }).then(
    ({ ok }) => ok,
    () => false,
  );

/**
 * Stores where a lesson stands with a class; null begins it again. Whatever does not arrive is sent with the next
 * change.
 */
export function sendSitting(id: string, forClass: string, where: Whereabouts | null): void {
  ask("PUT", `/api/lessons/${encodeURIComponent(id)}/sitting`, { forClass, where }).catch(() => {});
}

/** Records that the lesson was taught today. If that does not arrive, it is not worth a message in class. */
export function sendTaught(id: string): void {
  ask("POST", `/api/lessons/${encodeURIComponent(id)}/taught`, {}).catch(() => {});
}
