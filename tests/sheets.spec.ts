import { readFileSync } from "node:fs";
import { expect, type Page, test } from "@playwright/test";
import { addLesson, demoLesson, openSheets } from "./support/lessons";

const drawn = (page: Page) => page.getByText("The page is drawn.");
const pages = (pdf: string) => pdf.match(/\/Type \/Page\b/g)?.length;

test("a sheet is made, seen as the PDF that it will be, changed, saved and kept in its lesson", async ({
  page,
  request,
}) => {
  const id = await addLesson(request, { name: "2-seats-on-the-ferry", title: "Seats on paper" });
  const dialog = await openSheets(page, id);
  await dialog.getByRole("button", { name: "Make the first sheet" }).click();
  await expect(drawn(page)).toBeAttached();
  await expect(dialog.getByTitle("The sheet as it will be printed")).toBeVisible();
  // The class sees what is on the display: answers wait until they are asked for.
  await expect(dialog.getByTitle("Its answers")).toHaveCount(0);
  await dialog.getByRole("button", { name: "Show its answers" }).click();
  await expect(dialog.getByTitle("Its answers")).toBeVisible();

  await dialog.getByRole("textbox", { name: "Title" }).fill("Rows of seats");
  await dialog.getByLabel("Copies that differ").fill("3");
  await dialog.getByRole("radio", { name: "Grey" }).click();
  await dialog.getByRole("combobox", { name: "Add to the sheet" }).click();
  await page.getByRole("option", { name: "Arrow routes" }).click();
  await dialog.getByRole("button", { name: "Add from the board: Chart" }).click();
  await expect(dialog.getByRole("button", { name: "Save the PDF, 3 copies" })).toBeEnabled();

  const download = page.waitForEvent("download");
  await dialog.getByRole("button", { name: "Save the PDF, 3 copies" }).click();
  const file = await download;
  expect(file.suggestedFilename()).toBe("rows-of-seats.pdf");
  const pdf = readFileSync(await file.path(), "latin1");
  expect(pdf.startsWith("%PDF-")).toBe(true);
  // Three copies, each with as many pages of answers.
  expect(pages(pdf)! % 6).toBe(0);

  // It is saved with the lesson, and in its file.
  await expect
    .poll(async () => (await (await request.get(`/api/lessons/${id}/file`)).json()).sheets?.[0])
    .toMatchObject({
      title: "Rows of seats",
      copies: 3,
      ink: "grey",
      parts: [{}, {}, { of: { kind: "view" } }],
    });
  await page.reload();
  await page.getByRole("button", { name: "Climb" }).waitFor();
  const again = await openSheets(page, id);
  await expect(again.getByRole("textbox", { name: "Title" })).toHaveValue("Rows of seats");
});

test("where nothing is drawn by chance, no other numbers are offered, and the copies are alike", async ({
  page,
  request,
}) => {
  const dialog = await openSheets(page, await addLesson(request, {}));
  const drawAnew = dialog.getByRole("button", { name: "Draw other numbers" });
  await expect(drawAnew).toBeVisible();
  await dialog.getByRole("combobox", { name: "Missing numbers" }).click();
  await page.getByRole("option", { name: "All: a blank chart" }).click();
  // Its problems and its routes of arrows still are.
  for (const _ of ["problems", "arrows"]) {
    await expect(drawAnew).toBeVisible();
    await dialog.getByRole("button", { name: "Remove: part 2" }).click();
  }
  await expect(drawAnew).toHaveCount(0);
  await expect(dialog.getByLabel("Copies, all alike")).toBeVisible();
  // A strip to cut out asks nothing.
  await dialog.getByRole("combobox", { name: "Add to the sheet" }).click();
  await page.getByRole("option", { name: "Strip to cut out" }).click();
  await dialog.getByRole("button", { name: "Remove: part 1" }).click();
  await dialog.getByRole("button", { name: "Show its answers" }).click();
  const none = dialog.getByText("Nothing here has an answer, so no page with answers is added.");
  await expect(none).toBeVisible();
  await dialog.getByRole("switch", { name: "Answers on a page of their own" }).click();
  await expect(none).toHaveCount(0);
});

test("what cannot be is refused with its reason, and changes nothing", async ({ page, request }) => {
  const id = await addLesson(request, {});
  const dialog = await openSheets(page, id);
  await expect(drawn(page)).toBeAttached();
  await dialog.getByLabel("Copies that differ").fill("99");
  await expect(dialog.getByText(/from 1 to 60/)).toBeVisible();
  const answer = await request.post("/api/sheet", {
    data: { sheet: { title: "x" }, copies: 1, pages: "all" },
  });
  expect(answer.status()).toBe(400);
  // Whatever comes in, the server stays up and says so.
  const [board] = demoLesson("1-lamps-on-the-jetty").boards;
  const wish = {
    view: null,
    covers: true,
    marks: true,
    ground: "none",
    as: "svg",
    longest: 100,
    strong: false,
  };
  const shown = { board, climbed: 0, live: [] };
  const good = { ...wish, upright: false, strong: false };
  for (const data of [
    { shown, wish },
    { shown, wish: { ...good, longest: 1e9 } },
    { shown: { ...shown, climbed: -1 }, wish: good },
    { shown: { ...shown, live: [[[[{ do: "paint" }]]]] }, wish: good },
    {},
  ]) {
    expect((await request.post("/api/picture", { data })).status()).toBe(400);
  }
  const nowhere = { ...good, view: "nowhere" };
  expect((await request.post("/api/picture", { data: { shown, wish: nowhere } })).status()).toBe(200);
});

test("the sheet's chart stands on the board as it is on paper", async ({ page, request }) => {
  const id = await addLesson(request, { title: "As on paper" });
  const dialog = await openSheets(page, id);
  await dialog.getByRole("button", { name: "Show it on a board" }).click();
  await expect(page.getByText("Shown on a board of its own, as copy A has it.")).toBeVisible();
  await expect(page.getByRole("grid", { name: /^Chart/ })).toBeVisible();
  // A quarter of its numbers is missing, as on the sheet.
  await expect(page.getByRole("gridcell", { name: /empty|covered/i })).toHaveCount(25);
});

test("a removed sheet is put back; sheets are reached and set by keys", async ({ page, request }) => {
  const id = await addLesson(request, { title: "Sheets by keys" });
  const dialog = await openSheets(page, id);
  await dialog.getByRole("button", { name: "Remove the sheet" }).focus();
  await page.keyboard.press("Enter");
  await expect(dialog.getByRole("button", { name: "Make the first sheet" })).toBeVisible();
  await dialog.getByRole("button", { name: "Put back “Posts on the jetty”" }).click();
  await expect(dialog.getByRole("textbox", { name: "Title" })).toHaveValue("Posts on the jetty");
  await page.keyboard.press("Escape");
  await expect(dialog).toHaveCount(0);
});
