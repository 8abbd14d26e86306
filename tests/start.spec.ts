import {
  chmodSync,
  copyFileSync,
  mkdirSync,
  readFileSync,
  statSync,
  truncateSync,
  writeFileSync,
} from "node:fs";
import { networkInterfaces } from "node:os";
import { join } from "node:path";
import { createClient } from "@libsql/client";
import { expect, test } from "@playwright/test";
import { freePort, startServer } from "../scripts/lib/server.mjs";

const folder = join(process.cwd(), ".tmp", `start-${process.pid}-${Date.now()}`);
mkdirSync(folder, { recursive: true });
const path = (name: string) => join(folder, name);

/** What is said where the server cannot start on a database; that nothing is left running is asked of its port. */
async function faultOf(database: string): Promise<string> {
  const port = await freePort();
  const words = await startServer({ port, database }).then(
    async (server) => {
      await server.stop();
      return "started";
    },
    (reason: Error) => reason.message,
  );
  await expect(fetch(`http://127.0.0.1:${port}`)).rejects.toThrow();
  return words;
}

/** A database with the demo lessons in it. */
async function goodDatabase(name: string): Promise<string> {
  const server = await startServer({ port: await freePort(), database: `file:${path(name)}`, demo: true });
  await server.stop();
  return path(name);
}

test("a database that cannot be used is told in one plain sentence, and nothing is left running", async () => {
  writeFileSync(path("text.db"), "No database, but a shopping list. ".repeat(200));
  expect(await faultOf(`file:${path("text.db")}`)).toMatch(
    /^Yellow Stair cannot start\. The database file:.*text\.db is damaged, or is not a database\. Put/,
  );

  mkdirSync(path("folder.db"));
  expect(await faultOf(`file:${path("folder.db")}`)).toMatch(
    /cannot be opened for writing\. Check that its folder/,
  );

  expect(await faultOf("http://127.0.0.1:9")).toMatch(/cannot be reached\. Check DATABASE_URL/);
  expect(await faultOf("file:")).toBe(
    "Yellow Stair cannot start. DATABASE_URL needs a path or an address after its first part.",
  );
  expect(await faultOf("shelf.db")).toMatch(/DATABASE_URL must begin with file:/);
});

test("a truncated database is told, and one of a newer Yellow Stair is refused untouched", async () => {
  const good = await goodDatabase("good.db");
  const client = createClient({ url: `file:${good}` });
  await client.execute("PRAGMA wal_checkpoint(TRUNCATE)");
  await client.execute(
    "INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('later', 99999999999999)",
  );
  await client.execute("PRAGMA wal_checkpoint(TRUNCATE)");
  client.close();
  const before = readFileSync(good);
  expect(await faultOf(`file:${good}`)).toMatch(/was made by a newer Yellow Stair\. Update this one/);
  expect(readFileSync(good).equals(before)).toBe(true);

  copyFileSync(good, path("cut.db"));
  truncateSync(path("cut.db"), Math.floor(statSync(good).size / 3));
  expect(await faultOf(`file:${path("cut.db")}`)).toMatch(/is damaged, or is not a database/);
  chmodSync(path("cut.db"), 0o600);
});

test("one lesson that is no text does not take the others with it", async ({ page }) => {
  const good = await goodDatabase("row.db");
  const client = createClient({ url: `file:${good}` });
  await client.execute(
    "UPDATE lessons SET document = CAST(x'ff22fe00c3' AS TEXT) WHERE id = 'past-the-hundred'",
  );
  client.close();
  const server = await startServer({ port: await freePort(), database: `file:${good}` });
  try {
    await page.goto(server.address);
    await expect(page.getByRole("link", { name: "Lamps on the jetty" })).toBeVisible();
    await page.goto(`${server.address}/lesson/past-the-hundred`);
    await expect(page.getByText("This lesson is damaged and cannot be read.")).toBeVisible();
    // From then on the shelf knows it too.
    await page.goto(server.address);
    await expect(page.getByText("This lesson is damaged and cannot be read.")).toBeVisible();
    await expect(page.getByRole("link", { name: "Lamps on the jetty" })).toBeVisible();
  } finally {
    await server.stop();
  }
});

test("an address that is none of this machine's, or a busy port, is told as what it is", async () => {
  const { whyNotFree } = await import("../scripts/lib/server.mjs");
  const server = await startServer({ port: await freePort(), database: `file:${path("busy.db")}` });
  const port = Number(new URL(server.address).port);
  expect(await whyNotFree(port, "127.0.0.1")).toMatch(/^Port \d+ is busy/);
  await server.stop();
  expect(await whyNotFree(port, "127.0.0.1")).toBeNull();
  expect(await whyNotFree(port, "gannet-point.invalid")).toMatch(
    /^HOST=gannet-point\.invalid is no address of this machine/,
  );
  expect(await whyNotFree(port, "192.0.2.1")).toMatch(/is no address of this machine/);
});

test("the loopback of the newer internet protocol becomes ready too, or a sentence says that there is none", async () => {
  const { whyNotFree } = await import("../scripts/lib/server.mjs");
  const port = await freePort();
  const hasIt = Object.values(networkInterfaces()).some((all) =>
    all?.some(({ address }) => address === "::1"),
  );
  if (!hasIt) {
    expect(await whyNotFree(port, "::1")).toMatch(/^HOST=::1 is no address of this machine/);
    return;
  }
  expect(await whyNotFree(port, "::1")).toBeNull();
  const server = await startServer({ port, host: "::1", database: `file:${path("six.db")}` });
  expect(server.address).toBe(`http://[::1]:${port}`);
  await server.stop();
});

test("a page under another name, or of another site, reads and changes nothing", async ({ request }) => {
  const foreign = { Host: "lessons.example" };
  expect((await request.get("/", { headers: foreign })).status()).toBe(421);
  expect((await request.get("/api/alive", { headers: foreign })).status()).toBe(421);
  const begins = { kind: "strip", from: "0", to: "20", interval: "1", divisions: 1 };
  const shelf = { do: "create", lesson: { title: "Planted", forClass: "", begins } };
  const post = (headers: Record<string, string>, data: string | object = shelf) =>
    request.post("/api/shelf", { headers, data: data as never });
  expect((await post({ Origin: "http://lessons.example" })).status()).toBe(403);
  expect((await post({ "Content-Type": "text/plain" }, JSON.stringify(shelf))).status()).toBe(400);
  expect((await post({ "Sec-Fetch-Site": "same-site" })).status()).toBe(403);
  expect(await (await request.get("/")).text()).not.toContain("Planted");
});

test("what no page of ours would ask is answered with 400, and never with a fault of the server", async ({
  request,
}) => {
  const statuses = await Promise.all([
    request.get("/lesson/%ff"),
    request.post("/api/shelf", { data: { do: "remove", id: { toString: null } } }),
    request.post("/api/shelf", { data: { do: "burn" } }),
    request.post("/api/shelf", { data: [] }),
    request.post("/", { headers: { "Next-Action": "x".repeat(40) }, data: "[[[[" }),
    request.post("/api/lessons", {
      data: { lesson: { format: "yellow-stair-lesson", version: 1, boards: [{ id: { toString: null } }] } },
    }),
    request.post("/api/lessons", { data: { lesson: lineLesson({ divisions: 0 }) } }),
    request.post("/api/lessons", { data: { lesson: lineLesson({ interval: {} }) } }),
  ]);
  expect(statuses.map((answer) => answer.status())).toEqual([400, 400, 400, 400, 405, 400, 400, 400]);
});

function lineLesson(part: object) {
  const lesson = JSON.parse(readFileSync(join(process.cwd(), "demo/10-the-tide-gauge.json"), "utf8"));
  const [board] = lesson.boards;
  return {
    ...lesson,
    boards: [
      {
        ...board,
        views: board.views.map((view: { kind: string }) =>
          view.kind === "line" ? { ...view, ...part } : view,
        ),
      },
    ],
  };
}
