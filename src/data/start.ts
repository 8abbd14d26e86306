import { join } from "node:path";
import { database } from "./database";
import { loadDemoLessons } from "./demo-lessons";
import { readSettings } from "./settings";

/** Opens the database when the server starts, so that a fault is told at once and not at the first lesson. */
export async function startData(): Promise<void> {
  const db = await database();
  if (readSettings(process.env).YELLOW_STAIR_DEMO === "1") {
    await loadDemoLessons(db, join(process.cwd(), "demo"));
  }
}
