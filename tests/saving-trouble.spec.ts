import { expect, type Page, test } from "@playwright/test";
import { freePort, startServer } from "../scripts/lib/server.mjs";
import { addLesson, demoLesson, LAMPS, place, retitle, saved } from "./support/lessons";

const boardTab = (page: Page, name: string) => page.getByRole("button", { name: `1 ${name}` });

test("the server is killed in the middle of work and comes back: nothing shown as saved is lost, nor what was not", async ({
  page,
}) => {
  const port = await freePort();
  const database = `file:./.tmp/kill-${port}.db`;
  let server = await startServer({ port, database, demo: true });
  try {
    await page.goto(`${server.address}/lesson/lamps-on-the-jetty?prepare`);
    await retitle(page, "Shown as saved");
    await saved(page);
    await server.stop();

    await retitle(page, "Written while it was away");
    await expect(page.getByText("Not saved yet, trying again")).toBeVisible();
    await place(page, "6").click();
    await expect(place(page, "6, sun mark, in focus")).toBeVisible();

    server = await startServer({ port, database, demo: true });
    await saved(page);
    await page.reload();
    await expect(boardTab(page, "Written while it was away")).toBeVisible();
    // What was done by hand is not part of the lesson, but the window keeps it over a reload.
    await expect(place(page, "6, sun mark, in focus")).toBeVisible();
  } finally {
    await server.stop();
  }
});

test("a board that has stood for a while needs nothing more of the server: every command and page has its code", async ({
  page,
}) => {
  const server = await startServer({
    port: await freePort(),
    database: `file:./.tmp/stood-${process.pid}.db`,
    demo: true,
  });
  const failed: string[] = [];
  page.on("requestfailed", (asked) => failed.push(new URL(asked.url()).pathname));
  page.on("pageerror", ({ message }) => failed.push(message));
  try {
    await page.goto(`${server.address}/lesson/lamps-on-the-jetty?prepare`);
    const scripts = () => page.evaluate(() => performance.getEntriesByType("resource").length);
    await expect
      .poll(
        async () => {
          const before = await scripts();
          await page.waitForTimeout(6_000);
          return (await scripts()) - before;
        },
        { timeout: 120_000, intervals: [0] },
      )
      .toBe(0);
  } finally {
    await server.stop();
  }
  const find = page.getByRole("dialog", { name: "Find a command" });
  await page.keyboard.press("Control+k");
  const commands = await find.getByRole("option").allTextContents();
  expect(commands.length).toBeGreaterThan(40);
  for (const [nth, command] of commands.entries()) {
    // This list itself.
    if (command.startsWith("Find a command")) continue;
    await page.keyboard.press("Control+k");
    await find.getByRole("option").nth(nth).click();
    await expect(find).toBeHidden();
    await page.keyboard.press("Escape");
  }
  if (!(await page.getByRole("tab", { name: "Pattern" }).isVisible())) await page.keyboard.press("e");
  for (const tab of await page.getByRole("tab").all()) await tab.click();
  await expect(page.locator("[aria-busy]:visible")).toHaveCount(0);
  expect(failed.filter((what) => !what.startsWith("/api/") && !what.endsWith("/class"))).toEqual([]);
});

test("work that was never saved because the browser was closed is saved when the lesson is opened again", async ({
  page,
}) => {
  const port = await freePort();
  const database = `file:./.tmp/closed-${port}.db`;
  let server = await startServer({ port, database, demo: true });
  try {
    await page.goto(`${server.address}/lesson/lamps-on-the-jetty?prepare`);
    await expect(place(page, "6")).toBeVisible();
    await expect(page.getByRole("tab", { name: "Board", exact: true })).toBeVisible();
    await server.stop();
    await retitle(page, "Closed too early");
    await expect(page.getByText("Not saved yet, trying again")).toBeVisible();
    await page.goto("about:blank");
    server = await startServer({ port, database, demo: true });
    await page.goto(`${server.address}/lesson/lamps-on-the-jetty?prepare`);
    await expect(boardTab(page, "Closed too early")).toBeVisible();
    await saved(page);
    await page.evaluate(() => localStorage.clear());
    await page.reload();
    await expect(boardTab(page, "Closed too early")).toBeVisible();
  } finally {
    await server.stop();
  }
});

test("an answer that gets lost on its way is not taken for another window's save", async ({
  page,
  request,
}) => {
  const id = await addLesson(request);
  let lost = 0;
  await page.route("**/api/lessons/*", async (route) => {
    if (lost > 0) return route.continue();
    lost += 1;
    await route.fetch();
    await route.abort();
  });
  await page.goto(`/lesson/${id}?prepare`);
  await retitle(page, "Heard at the second try");
  await saved(page);
  expect(lost).toBe(1);
  await page.reload();
  await expect(boardTab(page, "Heard at the second try")).toBeVisible();
});

test("the shelf says when the server does not answer, and changes nothing", async ({ page, request }) => {
  await addLesson(request, { title: "Not to be removed" });
  await page.goto("/");
  await page.getByRole("button", { name: "More for Not to be removed" }).click();
  await page.route("**/*", (route) =>
    route.request().method() === "POST" ? route.abort() : route.continue(),
  );
  await page.getByRole("menuitem", { name: "Remove" }).click();
  await expect(page.getByText("Yellow Stair did not answer, so nothing was changed.")).toBeVisible();
  await expect(page.getByRole("link", { name: "Not to be removed" })).toBeVisible();
});

test("requests that are no lesson are refused with a clear message, and change nothing", async ({
  request,
}) => {
  const id = await addLesson(request);
  const lesson = demoLesson(LAMPS);
  const put = async (data: unknown, headers = {}) => {
    const answer = await request.put(`/api/lessons/${id}`, { data: data as never, headers });
    return [answer.status(), (await answer.json()).message];
  };
  expect(await put(Buffer.from("{not json"), { "Content-Type": "application/json" })).toEqual([
    400,
    expect.stringContaining("not JSON"),
  ]);
  expect(await put({ lesson })).toEqual([400, expect.stringContaining("could not be saved")]);
  expect(await put({ basedOn: 1, saveName: "x", lesson: { ...lesson, version: 99 } })).toEqual([
    400,
    expect.stringContaining("newer Yellow Stair"),
  ]);
  expect(await put({ basedOn: 1, saveName: "x", lesson: { ...lesson, title: "" } })).toEqual([
    400,
    expect.stringContaining("Give the lesson a title"),
  ]);
  expect(await put({ basedOn: 1, saveName: "x", lesson }, { "Sec-Fetch-Site": "cross-site" })).toEqual([
    403,
    expect.stringContaining("another site"),
  ]);
  expect(await put({ basedOn: 1, saveName: "x", lesson, padding: "x".repeat(8_100_000) })).toEqual([
    413,
    expect.stringContaining("too large"),
  ]);
  expect(
    (await request.put("/api/lessons/none", { data: { basedOn: 1, saveName: "x", lesson } })).status(),
  ).toBe(404);
  expect((await request.post("/api/lessons/none/taught", { data: {} })).status()).toBe(404);
  expect(
    (await request.post("/api/lessons", { data: { lesson: { title: "no" } }, maxRetries: 2 })).status(),
  ).toBe(400);
  expect(
    (await request.put(`/api/lessons/${id}`, { data: { basedOn: 1, saveName: "x", lesson } })).status(),
  ).toBe(200);
  const stale = await request.put(`/api/lessons/${id}`, { data: { basedOn: 1, saveName: "y", lesson } });
  expect([stale.status(), await stale.json()]).toEqual([409, { kind: "stale", revision: 2, saveName: "x" }]);
});
