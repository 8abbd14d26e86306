import { expect, type Page, test } from "@playwright/test";
import { freePort, startServer } from "../scripts/lib/server.mjs";
import { addLesson, demoLesson, LAMPS, place, retitle, saved } from "./support/lessons";

const boardTab = (page: Page, name: string) => page.getByRole("button", { name: `1 ${name}` });

test("a stale window is told, merges nothing and loses nothing", async ({ page, context, request }) => {
  const id = await addLesson(request, { title: "Seen from two windows" });
  const other = await context.newPage();
  await page.goto(`/lesson/${id}?prepare`);
  await other.goto(`/lesson/${id}?prepare`);
  await retitle(page, "From the first window");
  await saved(page);
  await retitle(other, "From the second window");
  const band = other.getByRole("alert", { name: "Changed in another window" });
  await expect(band).toBeVisible();
  await band.getByRole("button", { name: "Close" }).click();
  await expect(other.getByRole("button", { name: "Not saved: changed elsewhere" })).toBeVisible();
  await expect(boardTab(other, "From the second window")).toBeVisible();

  await other.getByRole("button", { name: "Not saved: changed elsewhere" }).click();
  await band.getByRole("button", { name: "Keep mine as a copy" }).click();
  await expect(other.getByRole("heading", { name: "Seen from two windows copy" })).toBeVisible();
  await expect(boardTab(other, "From the second window")).toBeVisible();
  await page.reload();
  await expect(boardTab(page, "From the first window")).toBeVisible();
});

test("a stale window can show the saved lesson instead", async ({ page, context, request }) => {
  const id = await addLesson(request);
  const other = await context.newPage();
  await page.goto(`/lesson/${id}?prepare`);
  await other.goto(`/lesson/${id}?prepare`);
  await retitle(page, "Saved first");
  await saved(page);
  await retitle(other, "Too late");
  const band = other.getByRole("alert", { name: "Changed in another window" });
  await expect(band).toBeVisible();
  // What is typed goes on where it is typed: no key presses anything of the band.
  const title = other.getByLabel("Title of this board");
  await title.focus();
  await other.keyboard.press("End");
  await other.keyboard.type(" by far ");
  await other.keyboard.press("Enter");
  await expect(boardTab(other, "Too late by far")).toBeVisible();
  await expect(band).toBeVisible();

  const address = other.url();
  await band.getByRole("button", { name: "Set mine aside, show the saved one" }).click();
  await expect(boardTab(other, "Saved first")).toBeVisible();
  await saved(other);
  // What was set aside can be brought back, from the lesson and from the shelf; thrown away by a slip, too.
  await other.goto("/");
  const kept = other.getByRole("region", { name: "Kept in this browser" });
  await kept.getByRole("button", { name: "Throw it away" }).click();
  await expect(kept).toHaveCount(0);
  await other.getByRole("button", { name: "Put back" }).click();
  await expect(kept).toContainText("set aside for the saved lesson");
  await other.goto(address);
  await other.getByRole("button", { name: "More", exact: true }).click();
  await other.getByRole("menuitem", { name: /Open what was set aside/ }).click();
  await expect(boardTab(other, "Too late by far")).toBeVisible();
});

test("two tabs keep their work apart: neither forgets what the other has, nor shows it", async ({
  page,
  context,
  request,
}) => {
  const id = await addLesson(request, { title: "Two tabs" });
  const other = await context.newPage();
  await page.goto(`/lesson/${id}?prepare`);
  await other.goto(`/lesson/${id}?prepare`);
  await retitle(page, "By the first");
  await saved(page);
  await retitle(other, "By the second");
  await expect(other.getByRole("alert", { name: "Changed in another window" })).toBeVisible();
  await retitle(page, "By the first again");
  await saved(page);
  await other.reload();
  await expect(boardTab(other, "By the second")).toBeVisible();
  await expect(other.getByRole("alert", { name: "Changed in another window" })).toBeVisible();
  await page.reload();
  await expect(boardTab(page, "By the first again")).toBeVisible();
  await saved(page);
  // Once its window is closed, what it had not saved is offered on the shelf.
  await other.close();
  await page.goto("/");
  await expect(page.getByRole("region", { name: "Kept in this browser" })).toContainText("Two tabs");
});

test("a lesson with long texts in other letters is saved, whatever its bytes", async ({ page, request }) => {
  const lesson = demoLesson(LAMPS);
  const [first] = lesson.boards;
  const words = "Чайки сидят на причале и считают сваи. ".repeat(10).slice(0, 399);
  const stair = Array.from({ length: 52 }, (_, i) => ({
    ...first.stair[0],
    id: `s${i}`,
    question: words,
    answer: words,
  }));
  const text = { ...lesson, boards: [{ ...first, stair }] };
  const bytes = new TextEncoder().encode(JSON.stringify(text)).length;
  expect([JSON.stringify(text).length < 60_000, bytes > 64 * 1024]).toEqual([true, true]);
  const { id } = await (await request.post("/api/lessons", { data: { lesson: text }, maxRetries: 2 })).json();
  await page.goto(`/lesson/${id}?prepare`);
  await retitle(page, "Saved in any letters");
  await saved(page);
  await page.reload();
  await expect(boardTab(page, "Saved in any letters")).toBeVisible();
});

test("leaving for the shelf while the server is away keeps the work and says so", async ({ page }) => {
  const port = await freePort();
  const server = await startServer({ port, database: `file:./.tmp/leave-${port}.db`, demo: true });
  await page.goto(`${server.address}/lesson/lamps-on-the-jetty?prepare`);
  await expect(page.getByRole("tab", { name: "Board", exact: true })).toBeVisible();
  // What says it is there a second after the page.
  await expect(page.locator("section[aria-live=polite]")).toBeAttached();
  await server.stop();
  await retitle(page, "Not lost on the way out");
  await page.getByRole("link", { name: "Lessons" }).click();
  await expect(page.getByText(/does not answer just now. Your work is kept in this browser/)).toBeVisible();
  await expect(boardTab(page, "Not lost on the way out")).toBeVisible();
});

test("a key never wipes a board without a word, and does nothing while a number is written", async ({
  page,
  request,
}) => {
  await page.goto(`/lesson/${await addLesson(request)}`);
  await place(page, "6").click();
  await page.keyboard.press("w");
  await page.keyboard.press("Backspace");
  await expect(place(page, /^6, sun mark/)).toBeVisible();
  await page.keyboard.press("w");
  await page.keyboard.press("Backspace");
  await expect(place(page, "6")).toBeVisible();
  await page.getByRole("button", { name: "Take back" }).last().click();
  await expect(place(page, /^6, sun mark/)).toBeVisible();
});

test("a removed board stays among the removed ones, also after a reload", async ({ page, request }) => {
  await page.goto(`/lesson/${await addLesson(request)}?prepare`);
  await page.getByRole("button", { name: "More", exact: true }).click();
  await page.getByRole("menuitem", { name: "Remove the board" }).click();
  await expect(boardTab(page, "Every sixth post")).toBeVisible();
  // The message puts it back where it was.
  await page.getByRole("button", { name: "Put back" }).click();
  await expect(page.getByRole("button", { name: "1 How the chart is built" })).toBeVisible();
  await page.getByRole("button", { name: "More", exact: true }).click();
  await page.getByRole("menuitem", { name: "Remove the board" }).click();
  await expect(page.getByRole("button", { name: "1 Every sixth post" })).toBeVisible();
  await saved(page);
  await page.reload();
  await page.getByRole("button", { name: "More", exact: true }).click();
  await page.getByRole("menuitem", { name: "Removed boards" }).click();
  await page.getByRole("button", { name: "Put back How the chart is built" }).click();
  await expect(page.getByRole("button", { name: "2 How the chart is built" })).toBeVisible();
  await saved(page);
});

test("a lesson removed from another window is told, and can be kept as a copy", async ({
  page,
  context,
  request,
}) => {
  const id = await addLesson(request, { title: "Removed meanwhile" });
  await page.goto(`/lesson/${id}?prepare`);
  const shelf = await context.newPage();
  await shelf.goto("/");
  await shelf.getByRole("button", { name: "More for Removed meanwhile" }).click();
  await shelf.getByRole("menuitem", { name: "Remove" }).click();
  await expect(shelf.getByText("“Removed meanwhile” removed.")).toBeVisible();

  await retitle(page, "Written after it was removed");
  const band = page.getByRole("alert", { name: "Not saved" });
  await expect(band).toContainText("no longer on the shelf");
  await band.getByRole("button", { name: "Keep mine as a copy" }).click();
  await expect(page.getByRole("heading", { name: "Removed meanwhile copy" })).toBeVisible();
  await expect(boardTab(page, "Written after it was removed")).toBeVisible();
});
