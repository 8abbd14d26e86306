import { mkdirSync } from "node:fs";
import { dirname, join } from "node:path";
import { type Client, createClient } from "@libsql/client";
import { drizzle, type LibSQLDatabase } from "drizzle-orm/libsql";
import { migrate } from "drizzle-orm/libsql/migrator";
import { readSettings } from "./settings";

export type Database = LibSQLDatabase & { $client: Client };

const BUSY_MS = 5_000;

/**
 * Opens a database and brings its tables up to date. A local file is opened by one connection, so that what is set
 * on it holds for everything asked of it; its folder is made when it is missing.
 */
export async function openDatabase(url: string, authToken?: string): Promise<Database> {
  const local = url.startsWith("file:");
  if (local) mkdirSync(dirname(url.slice("file:".length)), { recursive: true });
  const client = createClient({
    url,
    ...(authToken ? { authToken } : {}),
    ...(local ? { concurrency: 1, timeout: BUSY_MS } : {}),
  });
  if (local) {
    await client.execute("PRAGMA journal_mode = WAL");
    // A lesson shown as saved is on the disk, even when the power goes.
    await client.execute("PRAGMA synchronous = FULL");
    await client.execute(`PRAGMA busy_timeout = ${BUSY_MS}`);
  }
  await client.execute("PRAGMA foreign_keys = ON");
  const database = drizzle(client);
  await migrate(database, { migrationsFolder: join(process.cwd(), "src/data/migrations") });
  return database;
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
