import { readFileSync } from "node:fs";
import { expect, type Page, test } from "@playwright/test";
import { strFromU8, strToU8, unzipSync, zipSync } from "fflate";
import { addLesson, demoLesson, ownWord } from "./support/lessons";

const json = (name: string, value: unknown) => ({
  name,
  mimeType: "application/json",
  buffer: Buffer.from(typeof value === "string" ? value : JSON.stringify(value)),
});
const card = (page: Page, title: string) =>
  page.getByRole("listitem").filter({ has: page.getByRole("link", { name: title, exact: true }) });
const open = async (page: Page, ...files: ReturnType<typeof json>[]) => {
  const chooser = page.waitForEvent("filechooser");
  await page.getByRole("button", { name: "Open files" }).click();
  await (await chooser).setFiles(files);
};
/** A lesson that is on no shelf yet. */
const fresh = (title: string) => ({ ...demoLesson("13-how-far-to-the-next-ten"), title });

test("a lesson is saved as a file, and the file opens again: replaced, kept twice, or left", async ({
  page,
  request,
}, info) => {
  const title = ownWord("Gulls to be counted", info);
  await addLesson(request, { title });
  await page.goto("/");
  await page.getByRole("button", { name: `More for ${title}` }).click();
  const download = page.waitForEvent("download");
  await page.getByRole("menuitem", { name: "Save as a file" }).click();
  const file = await download;
  expect(file.suggestedFilename()).toBe(`${title.toLowerCase().replaceAll(" ", "-")}.json`);
  const text = readFileSync(await file.path(), "utf8");
  const lesson = JSON.parse(text);
  expect(lesson).toMatchObject({ format: "yellow-stair-lesson", title });

  // The same is not doubled, and nobody is asked.
  await open(page, json("gulls.json", text));
  await expect(page.getByText("1 lesson left as it is.")).toBeVisible();
  await expect(card(page, title)).toHaveCount(1);

  const changed = { ...lesson, boards: lesson.boards.slice(0, 2) };
  await open(page, json("gulls.json", changed));
  const dialog = page.getByRole("dialog", { name: "Open lessons" });
  await expect(dialog).toContainText("3 boards, not taught yet. In this file: 2 boards.");
  await expect(dialog.getByRole("radio", { name: "Leave" })).toBeChecked();
  await dialog.getByRole("radio", { name: "Keep both" }).click();
  await dialog.getByRole("button", { name: "Open 1 lesson" }).click();
  await expect(card(page, `${title} copy`)).toContainText("2 boards");
  await expect(card(page, title)).toContainText("3 boards");

  await open(page, json("gulls.json", changed));
  await dialog.getByRole("radio", { name: "Replace" }).click();
  await dialog.getByRole("button", { name: "Open 1 lesson" }).click();
  await expect(page.getByText("as it was, it is among the removed lessons")).toBeVisible();
  await expect(card(page, title)).toContainText("2 boards");
  await page.goto("/removed");
  await expect(page.getByRole("listitem").filter({ hasText: title }).first()).toContainText("3 boards");
});

test("several files at once: those that cannot be opened say where they go wrong, the others open", async ({
  page,
}, info) => {
  const nests = ownWord("Nests on the ledge", info);
  const broken = fresh("Broken gauge");
  delete broken.boards[0].stair[1].title;
  await page.goto("/");
  await open(
    page,
    json("a.json", fresh(nests)),
    json("b.json", broken),
    json("c.json", { ...fresh("From next year"), version: 99 }),
    json("d.json", JSON.stringify(fresh("Half")).slice(0, 900)),
  );
  const dialog = page.getByRole("dialog", { name: "Open lessons" });
  await expect(dialog).toContainText("In board 1, step 2: the title is missing.");
  await expect(dialog).toContainText("made by a newer Yellow Stair");
  await expect(dialog).toContainText("its file breaks off");
  await expect(card(page, nests)).toHaveCount(0);
  await dialog.getByRole("button", { name: "Open 1 lesson" }).click();
  await expect(page.getByText("1 lesson opened.")).toBeVisible();
  await expect(card(page, nests)).toHaveCount(1);
  await expect(card(page, "Broken gauge")).toHaveCount(0);
});

test("lessons are dropped on the shelf", async ({ page }, info) => {
  const title = ownWord("Dropped on the quay", info);
  await page.goto("/");
  const data = await page.evaluateHandle(
    (text) => {
      const transfer = new DataTransfer();
      transfer.items.add(new File([text], "posts.json", { type: "application/json" }));
      return transfer;
    },
    JSON.stringify(fresh(title)),
  );
  const shelf = page.getByRole("heading", { name: "Lessons", exact: true });
  await expect(async () => {
    await shelf.dispatchEvent("dragenter", { dataTransfer: data });
    await expect(page.getByText("Drop to open the lessons")).toBeVisible({ timeout: 500 });
  }).toPass();
  await shelf.dispatchEvent("drop", { dataTransfer: data });
  await expect(page.getByText("1 lesson opened.")).toBeVisible();
  await expect(card(page, title)).toHaveCount(1);
  await expect(page.getByText("Drop to open the lessons")).toHaveCount(0);
});

test("a lesson dropped on a shelf that has just come alive is opened, and does not take the shelf's place", async ({
  page,
}, info) => {
  const title = ownWord("Dropped at once", info);
  await page.goto("/");
  const drop = (text: string) => {
    const dataTransfer = new DataTransfer();
    dataTransfer.items.add(new File([text], "posts.json", { type: "application/json" }));
    const on = document.querySelector("h1")!;
    // The two follow each other at once, so that what is usually dropped on is not there yet.
    return ["dragover", "drop"].every(
      (type) => !on.dispatchEvent(new DragEvent(type, { bubbles: true, cancelable: true, dataTransfer })),
    );
  };
  await expect.poll(() => page.evaluate(drop, JSON.stringify(fresh(title)))).toBe(true);
  await expect(page.getByText("1 lesson opened.")).toBeVisible();
  await expect(card(page, title)).toHaveCount(1);
});

test("a file that is dropped on a board does not take its place, and it is said where files open", async ({
  page,
  request,
}) => {
  const id = await addLesson(request);
  const drop = () =>
    page.evaluate(() => {
      const dataTransfer = new DataTransfer();
      dataTransfer.items.add(new File(["{}"], "lesson.json", { type: "application/json" }));
      return ["dragover", "drop"].map((type) =>
        document
          .querySelector("main")!
          .dispatchEvent(new DragEvent(type, { bubbles: true, cancelable: true, dataTransfer })),
      );
    });
  await page.goto(`/lesson/${id}`);
  await expect.poll(drop).toEqual([false, false]);
  await expect(page.getByText("To open lesson files, drop them on the page of all lessons.")).toBeVisible();
  // The class's display says nothing of it.
  await page.goto(`/lesson/${id}/class`);
  await expect.poll(drop).toEqual([false, false]);
  await expect(page.getByText("To open lesson files")).toHaveCount(0);
});

test("all lessons as one zip, and back", async ({ page, request }, info) => {
  const [posts, fromZip] = [ownWord("Posts in a zip", info), ownWord("Out of the zip", info)];
  await addLesson(request, { title: posts });
  await page.goto("/");
  await page.getByRole("button", { name: "More for the lessons" }).click();
  const download = page.waitForEvent("download");
  await page.getByRole("menuitem", { name: "Save all lessons as one zip" }).click();
  const file = await download;
  expect(file.suggestedFilename()).toMatch(/^yellow-stair-lessons-\d{4}-\d\d-\d\d\.zip$/);
  const files = unzipSync(readFileSync(await file.path()));
  expect(JSON.parse(strFromU8(files[`${posts.toLowerCase().replaceAll(" ", "-")}.json`]!)).title).toBe(posts);
  const zip = zipSync({ "new.json": strToU8(JSON.stringify(fresh(fromZip))), ...files });
  await open(page, { name: "all.zip", mimeType: "application/zip", buffer: Buffer.from(zip) });
  // Other tests change lessons meanwhile: what differs by now is asked about.
  const dialog = page.getByRole("dialog", { name: "Open lessons" });
  await expect(card(page, fromZip).or(dialog)).toBeVisible();
  if (await dialog.isVisible()) await dialog.getByRole("button", { name: "Open 1 lesson" }).click();
  await expect(card(page, fromZip)).toHaveCount(1);
  await expect(card(page, posts)).toHaveCount(1);
});

test("what is no lesson is refused; a page of another site opens nothing", async ({ page, request }) => {
  const multipart = {
    asked: JSON.stringify({ open: true, choices: {} }),
    file: json("x.json", fresh("Foreign")),
  };
  const foreign = await request.post("/api/files", {
    headers: { origin: "http://elsewhere.test" },
    multipart,
  });
  expect(foreign.status()).toBe(403);
  const odd = await request.post("/api/files", { multipart: { ...multipart, asked: "{" } });
  expect(odd.status()).toBe(400);
  const gone = await request.get("/api/lessons/nowhere/file");
  expect(gone.status()).toBe(404);
  const schema = await request.get("/lesson.schema.json");
  expect((await schema.json()).title).toBe("Yellow Stair lesson");
  await page.goto("/");
  await expect(card(page, "Foreign")).toHaveCount(0);
});
