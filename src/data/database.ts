import { mkdirSync, readFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { type Client, createClient } from "@libsql/client";
import { drizzle, type LibSQLDatabase } from "drizzle-orm/libsql";
import { migrate } from "drizzle-orm/libsql/migrator";
import * as z from "@/core/zod";
import { lessons } from "./schema";
import { readSettings } from "./settings";
import { StartFault, startFault } from "./start-fault";

export type Database = LibSQLDatabase & { $client: Client };

const BUSY_MS = 5_000;

const MIGRATIONS = join(process.cwd(), "src/data/migrations");

/**
 * Opens a database and brings its tables up to date. A local file is opened by one connection, so that what is set
 * on it holds for everything asked of it; its folder is made when it is missing.
 * @throws StartFault where it cannot be used, with what to do; a database of a newer Yellow Stair is left untouched.
 */
export async function openDatabase(url: string, authToken?: string): Promise<Database> {
  let client: Client | undefined;
  try {
    const local = url.startsWith("file:");
    if (local) mkdirSync(dirname(url.slice("file:".length)), { recursive: true });
    client = createClient({
      url,
      ...(authToken ? { authToken } : {}),
      ...(local ? { concurrency: 1, timeout: BUSY_MS } : {}),
    });
    await refuseNewer(client, url);
    if (local) {
      await client.execute("PRAGMA journal_mode = WAL");
      // Full sync: a lesson shown as saved is on disk, even after a power cut.
      await client.execute("PRAGMA synchronous = FULL");
      await client.execute(`PRAGMA busy_timeout = ${BUSY_MS}`);
    }
    await client.execute("PRAGMA foreign_keys = ON");
    const database = drizzle(client);
    await migrateOnce(database);
    // A damaged file shows only when it is read, a read-only one only when it is written to.
    await database.$count(lessons);
    if (local) await client.executeMultiple("BEGIN IMMEDIATE; ROLLBACK;");
    return database;
  } catch (reason) {
    client?.close();
    throw startFault(reason, url);
  }
}

/** Two servers starting at once on an empty file would both create the tables; the second one tries again. */
async function migrateOnce(database: LibSQLDatabase): Promise<void> {
  for (let attempt = 1; ; attempt += 1) {
    try {
      await migrate(database, { migrationsFolder: MIGRATIONS });
      return;
    } catch (reason) {
      if (attempt === TRIES) throw reason;
      await new Promise((resolve) => setTimeout(resolve, 200 * attempt));
    }
  }
}
const TRIES = 4;

const Journal = z.object({ entries: z.array(z.object({ when: z.number() })) });

/** Refuses a database whose tables a newer Yellow Stair has made, before anything is written to it. */
async function refuseNewer(client: Client, url: string): Promise<void> {
  const made = await client.execute(
    "SELECT count(*) FROM sqlite_master WHERE type = 'table' AND name = '__drizzle_migrations'",
  );
  if (Number(made.rows[0]?.[0]) === 0) return;
  const latest = await client.execute("SELECT max(created_at) FROM __drizzle_migrations");
  const { entries } = Journal.parse(JSON.parse(readFileSync(join(MIGRATIONS, "meta/_journal.json"), "utf8")));
  if (Number(latest.rows[0]?.[0]) > Math.max(...entries.map(({ when }) => when))) {
    throw new StartFault(
      `The database ${url} was made by a newer Yellow Stair. Update this one, or set DATABASE_URL to another file. Nothing was changed in it.`,
    );
  }
}

const kept = globalThis as { yellowStairDatabase?: Promise<Database> };

/** The database of this server, opened once. A failed opening is tried again at the next request. */
export function database(): Promise<Database> {
  kept.yellowStairDatabase ??= (async () => {
    const { DATABASE_URL, DATABASE_AUTH_TOKEN } = readSettings(process.env);
    return openDatabase(DATABASE_URL, DATABASE_AUTH_TOKEN);
  })().catch((reason) => {
    kept.yellowStairDatabase = undefined;
    throw reason;
  });
  return kept.yellowStairDatabase;
}
