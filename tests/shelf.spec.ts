import { expect, test } from "@playwright/test";
import { addLesson } from "./support/lessons";

test("the demo lessons stand on the shelf with true pictures of their first boards", async ({ page }) => {
  await page.goto("/");
  const lamps = page
    .getByRole("listitem")
    .filter({ has: page.getByRole("link", { name: "Lamps on the jetty", exact: true }) });
  await expect(lamps.first()).toContainText("3 boards · Heron class");
  const crates = page.getByRole("listitem").filter({ hasText: "Crates on the quay" }).first();
  await crates.scrollIntoViewIfNeeded();
  await expect(crates.locator("svg text").first()).toHaveText("1");
  // The first step marks 9 and 18, each with its star and its ground; what comes after it is not told here.
  await expect(crates.locator("svg polygon")).toHaveCount(4);
});

test("a lesson is made, renamed, duplicated, removed and put back", async ({ page }) => {
  await page.goto("/");
  await page.getByRole("button", { name: "New lesson" }).click();
  const dialog = page.getByRole("dialog", { name: "New lesson" });
  await dialog.getByRole("button", { name: "Make the lesson" }).click();
  await expect(dialog.getByText("Give the lesson a title.")).toBeVisible();
  await dialog.getByLabel("Title").fill("Gulls and nests");
  await dialog.getByLabel("Class").fill("Tern class");
  await dialog.getByText("0 to 99").click();
  await dialog.getByRole("button", { name: "Make the lesson" }).click();
  await expect(page.getByRole("grid", { name: "Chart from 0 to 99" })).toBeVisible();
  await expect(page.getByRole("button", { name: "Teach" })).toBeVisible();

  await page.getByRole("link", { name: "Lessons" }).click();
  const card = (title: string) =>
    page.getByRole("listitem").filter({ has: page.getByRole("link", { name: title, exact: true }) });
  await expect(card("Gulls and nests")).toContainText("1 board · Tern class · not taught yet");
  await page.getByRole("button", { name: "More for Gulls and nests" }).click();
  await page.getByRole("menuitem", { name: "Rename" }).click();
  await page.getByLabel("Title").fill("Nests on the cliff");
  await page.getByRole("button", { name: "Rename" }).click();
  await expect(card("Nests on the cliff")).toBeVisible();

  await page.getByRole("button", { name: "More for Nests on the cliff" }).click();
  await page.getByRole("menuitem", { name: "Duplicate" }).click();
  await expect(card("Nests on the cliff copy")).toBeVisible();

  await page.getByRole("button", { name: "More for Nests on the cliff", exact: true }).click();
  await page.getByRole("menuitem", { name: "Remove" }).click();
  await expect(card("Nests on the cliff")).toHaveCount(0);
  await page.getByRole("button", { name: "Put back" }).click();
  await expect(card("Nests on the cliff")).toBeVisible();

  await page.getByRole("button", { name: "More for Nests on the cliff copy" }).click();
  await page.getByRole("menuitem", { name: "Remove" }).click();
  await expect(card("Nests on the cliff copy")).toHaveCount(0);
  await page.getByRole("link", { name: /^Removed \d/ }).click();
  await page.getByRole("button", { name: "Put back Nests on the cliff copy" }).click();
  await page.getByRole("link", { name: "Lessons" }).click();
  await expect(card("Nests on the cliff copy")).toBeVisible();
});

test("a search that finds nothing says so, and shows all again", async ({ page, request }) => {
  await addLesson(request, { title: "Rope in eighths" });
  await page.goto("/");
  const find = page.getByRole("searchbox", { name: "Find a lesson" });
  await find.fill("TERN rope eighths");
  await expect(page.getByText(/No lesson has “TERN rope eighths”/)).toBeVisible();
  await find.fill("heron ROPE eighths");
  await expect(page.getByRole("link", { name: "Rope in eighths" })).toBeVisible();
  // By number: what is counted in, and never a part of another number.
  await find.fill("friendly 4");
  await expect(page.getByText(/No lesson has “friendly 4”/)).toBeVisible();
  await find.fill("lamps jetty 6");
  await expect(page.getByRole("link", { name: "Lamps on the jetty", exact: true }).first()).toBeVisible();
  await find.fill("zzz");
  await page.getByRole("button", { name: "Show all lessons" }).click();
  await expect(page.getByRole("link", { name: "Rope in eighths" })).toBeVisible();
});

test("a lesson that is not there leads back to the shelf", async ({ page }) => {
  const answer = await page.goto("/lesson/none-of-these");
  expect(answer?.status()).toBe(404);
  await page.getByRole("link", { name: "Back to the lessons" }).click();
  await expect(page.getByRole("heading", { name: "Lessons" })).toBeVisible();
});
