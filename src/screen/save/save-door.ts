import { patient } from "@/kit/patient";
import type { Whereabouts } from "../store/whereabouts";
import type { Save, SaveAnswer } from "./save-messages";

/** What reads an answer. Not needed for the board to stand; loaded before the first save. */
export const answers = patient(() => import("./save-messages"));

const TOO_LONG_MS = 15_000;
/** Maximum size of a request from a closing page, in bytes: letters beyond ASCII take several. */
const CLOSING_BYTES = 60_000;

export async function ask(method: "PUT" | "POST", path: string, body: unknown): Promise<unknown> {
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
