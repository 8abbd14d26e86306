import { readFileSync } from "node:fs";
import { join } from "node:path";
import { ROOT } from "./run.mjs";

/** A demo lesson, by the name of its file. */
export function demoLesson(name) {
  return JSON.parse(readFileSync(join(ROOT, "demo", `${name}.json`), "utf8"));
}

/** Puts a lesson on the shelf of a running server, and gives its id. */
export async function addLesson(address, lesson) {
  const answer = await fetch(`${address}/api/lessons`, {
    method: "POST",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify({ lesson }),
  });
  if (!answer.ok) throw new Error(`The lesson was not added: ${await answer.text()}`);
  return (await answer.json()).id;
}
