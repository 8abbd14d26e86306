import { join } from "node:path";
import { database } from "./database";
import { loadDemoLessons } from "./demo-lessons";
import { forgetRemoved } from "./removed";
import { readSettings } from "./settings";
import { StartFault } from "./start-fault";

const FORGET_EVERY_MS = 6 * 60 * 60 * 1000;

/**
 * Opens the database when the server starts, so that a fault is reported at once, in a plain sentence, and not at the
 * first lesson; the server then ends.
 */
export async function startData(): Promise<void> {
  try {
    const db = await database();
    if (readSettings(process.env).YELLOW_STAIR_DEMO === "1") {
      await loadDemoLessons(db, join(process.cwd(), "demo"));
    }
    await forgetRemoved(db);
    // Also once in a while, for a server that runs for months; the timer does not keep it alive.
    setInterval(() => void forgetRemoved(db).catch(() => {}), FORGET_EVERY_MS).unref();
  } catch (reason) {
    const why = reason instanceof StartFault ? reason.message : shortFault(reason);
    console.error(`Yellow Stair cannot start. ${why}`);
    process.exit(1);
  }
}

/** A fault in one short line. */
export function shortFault(reason: unknown): string {
  const text = reason instanceof Error ? reason.message : String(reason);
  return text.split("\n")[0]!.slice(0, 200);
}
