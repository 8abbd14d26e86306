import { readFileSync } from "node:fs";
import { expect, type Page, test } from "@playwright/test";
import { PNG } from "pngjs";
import { addLesson } from "./support/lessons";

const cell = (page: Page, number: number) => page.locator(`[data-cell="${number - 1}"]`).first();
const more = async (page: Page, item: string) => {
  await page.getByRole("button", { name: "More", exact: true }).click();
  await page.getByRole("menuitem", { name: "Save or print" }).click();
  await page.getByRole("dialog").getByRole("button", { name: item }).click();
};

test("a picture of the board as it stands is seen first, then saved; a mark made by hand is in it", async ({
  page,
  request,
}) => {
  const id = await addLesson(request, {});
  await page.goto(`/lesson/${id}`);
  await page.getByRole("button", { name: "Climb" }).waitFor();
  await cell(page, 34).click();
  await more(page, "Save a picture");
  const dialog = page.getByRole("dialog", { name: "Save a picture" });
  await expect(dialog.getByRole("img", { name: "The board as it will be saved" })).toBeVisible();

  const save = async () => {
    const download = page.waitForEvent("download");
    await dialog.getByRole("button", { name: "Save" }).click();
    const file = await download;
    return { name: file.suggestedFilename(), bytes: readFileSync(await file.path()) };
  };
  await dialog.getByRole("combobox", { name: "Longer side" }).click();
  await page.getByRole("option", { name: "1,000 pixels" }).click();
  const picture = await save();
  expect(picture.name).toBe("how-the-chart-is-built.png");
  const { width, height } = PNG.sync.read(picture.bytes);
  expect(Math.max(width, height)).toBe(1000);

  await dialog.getByRole("radio", { name: "SVG" }).click();
  const marked = (await save()).bytes.toString("utf8");
  expect(marked).toContain('fill="#ffe08a"');
  await dialog.getByRole("switch", { name: "Marks" }).click();
  expect((await save()).bytes.toString("utf8")).not.toContain('fill="#ffe08a"');

  // The file stands as it is, typefaces and all.
  const alone = await page.context().newPage();
  await alone.setContent(marked);
  await expect(alone.getByText("34", { exact: true })).toBeVisible();
  expect(await alone.evaluate(() => document.fonts.check("20px Andika"))).toBe(true);
});

test("a picture is copied", async ({ page, request, context }) => {
  await context.grantPermissions(["clipboard-read", "clipboard-write"]);
  const id = await addLesson(request, {});
  await page.goto(`/lesson/${id}`);
  await page.getByRole("button", { name: "Climb" }).waitFor();
  await more(page, "Save a picture");
  await page.getByRole("dialog").getByRole("button", { name: "Copy" }).click();
  await expect(page.getByText("Picture copied.")).toBeVisible();
  const types = await page.evaluate(async () =>
    (await navigator.clipboard.read()).flatMap((item) => item.types),
  );
  expect(types).toContain("image/png");
  await page.getByRole("dialog").getByRole("radio", { name: "SVG" }).click();
  await page.getByRole("dialog").getByRole("button", { name: "Copy" }).click();
  await expect(async () => {
    const now = await page.evaluate(async () =>
      (await navigator.clipboard.read()).flatMap((item) => [...item.types]),
    );
    expect(now.join(" ")).toMatch(/image\/svg\+xml|text\/plain/);
  }).toPass();
});

test("the board is printed alone, whole, on one page", async ({ page, request }) => {
  const id = await addLesson(request, {});
  await page.goto(`/lesson/${id}`);
  await page.getByRole("button", { name: "Climb" }).waitFor();
  await cell(page, 34).click();
  // What prints comes a moment after the board.
  await expect(async () => {
    await page.evaluate(() => window.dispatchEvent(new Event("beforeprint")));
    await expect(page.locator("[data-part=printed]")).toBeAttached({ timeout: 500 });
    await expect(page.locator("[data-part=printed] text").first()).toBeAttached({ timeout: 500 });
  }).toPass();
  await page.emulateMedia({ media: "print" });
  await expect(page.locator("[data-part=printed] text", { hasText: /^100$/ })).toBeVisible();
  await expect(page.locator("header")).toBeHidden();
  await expect(page.getByRole("button", { name: "Climb" })).toBeHidden();
  const pdf = (await page.pdf({ preferCSSPageSize: true })).toString("latin1");
  expect(pdf.match(/\/Type\s*\/Page\b/g)).toHaveLength(1);
  await page.evaluate(() => window.dispatchEvent(new Event("afterprint")));
  await expect(page.locator("[data-part=printed]")).toHaveCount(0);
});

test("printed right after it was opened, a board waits for what draws it for paper", async ({
  page,
  request,
}) => {
  await page.addInitScript(() => {
    // What the browser would have on its page.
    window.print = () => {
      window.dispatchEvent(new Event("beforeprint"));
      const printed = document.querySelector("[data-part=printed]");
      document.documentElement.dataset.printed = printed?.querySelector("svg svg")?.ariaLabel ?? "nothing";
      window.dispatchEvent(new Event("afterprint"));
    };
  });
  await page.goto(`/lesson/${await addLesson(request, { name: "17-crates-and-jars" })}`);
  await more(page, "Print the board");
  await expect(page.locator("html")).toHaveAttribute("data-printed", "5 crates, 6 in each");
});

test("the numbers of a board become a table, and a table marks or a chart", async ({ page, request }) => {
  const id = await addLesson(request, {});
  await page.goto(`/lesson/${id}`);
  await page.getByRole("button", { name: "Climb" }).waitFor();
  await cell(page, 34).click();
  await more(page, "Numbers as a table");
  const dialog = page.getByRole("dialog", { name: "Numbers as a table" });
  const download = page.waitForEvent("download");
  await dialog.getByRole("button", { name: "Save as CSV" }).click();
  const lines = readFileSync(await (await download).path(), "utf8")
    .trim()
    .split(/\r?\n/);
  expect(lines).toHaveLength(101);
  expect(lines[0]).toBe("number,row,column,marks,covered");
  expect(lines[34]).toBe("34,4,4,sun,no");

  await dialog.getByRole("textbox", { name: "Numbers" }).fill("7\n14\nlamp\n21");
  await expect(dialog).toContainText("3 numbers: 7, 14, 21.");
  await expect(dialog).toContainText("Line 3 is not a number: “lamp”.");
  await dialog.getByRole("button", { name: "Mark them" }).click();
  await expect(cell(page, 21)).toHaveAttribute("aria-label", /21.*sun/i);
  await page.getByRole("button", { name: "Take back" }).last().click();
  await expect(cell(page, 21)).not.toHaveAttribute("aria-label", /sun/i);

  await more(page, "Numbers as a table");
  await dialog.locator("input[type=file]").setInputFiles({
    name: "posts.csv",
    mimeType: "text/csv",
    buffer: Buffer.from("post;number\r\na;5\r\nb;10\r\nc;15\r\nd;20\r\n"),
  });
  await expect(dialog).toContainText("4 numbers: 5, 10, 15, 20.");
  await dialog.getByRole("button", { name: "Make a chart" }).click();
  await expect(page.getByRole("grid", { name: "Chart from 5 to 20" })).toBeVisible();
});

test("a lesson is saved as a file from its board", async ({ page, request }) => {
  const id = await addLesson(request, { title: "Posts to hand on" });
  await page.goto(`/lesson/${id}`);
  await page.getByRole("button", { name: "Climb" }).waitFor();
  const download = page.waitForEvent("download");
  await more(page, "Save the lesson as a file");
  const file = await download;
  expect(file.suggestedFilename()).toBe("posts-to-hand-on.json");
  const same = await (await request.get(`/api/lessons/${id}/file`)).text();
  expect(readFileSync(await file.path(), "utf8")).toBe(same);
});
