import { manyOf } from "@/core/number/many-of";
import { OpenAnswer as Answer, type FileChoice, type OpenAnswer } from "./file-messages";

const TOO_LONG_MS = 120_000;

/**
 * Sends files to the server, which only inspects them, or opens them with the choices made. Throws if no answer comes.
 */
export async function sendFiles(
  files: readonly File[],
  open: boolean,
  choices: Readonly<Record<number, FileChoice>> = {},
): Promise<OpenAnswer> {
  const form = new FormData();
  form.set("asked", JSON.stringify({ open, choices }));
  for (const file of files) form.append("file", file);
  const response = await fetch("/api/files", {
    method: "POST",
    body: form,
    signal: AbortSignal.timeout(TOO_LONG_MS),
  });
  return Answer.parse(await response.json());
}

const lessons = (count: number) => manyOf(count, "lesson");

/** A sentence about what was opened. */
export function openedWords({ opened, replaced, left }: Extract<OpenAnswer, { kind: "opened" }>): string {
  const parts = [
    ...(opened > 0 ? [`${lessons(opened)} opened.`] : []),
    ...(replaced > 0
      ? [
          `${lessons(replaced)} replaced: as ${replaced === 1 ? "it was, it is" : "they were, they are"} among the removed lessons.`,
        ]
      : []),
    ...(left > 0 ? [`${lessons(left)} left as ${left === 1 ? "it is" : "they are"}.`] : []),
  ];
  return parts.length === 0 ? "No lesson was opened." : parts.join(" ");
}
