import { expect, type Page, test } from "@playwright/test";
import { shut, turnTo } from "./support/hands";
import { addLesson, demoLesson, lessonWith, lineView, openBoard, place, saved } from "./support/lessons";
import { makePuzzle } from "./support/rail";

const field = (page: Page, label: string) =>
  page.locator("input, textarea").and(page.getByLabel(label, { exact: true }));
const button = (page: Page, name: string) => page.getByRole("button", { name, exact: true });
const grid = (page: Page, name: string | RegExp) => page.getByRole("grid", { name });

test.describe("numbers as people write them", () => {
  test("make charts, lines, times grids, jumps, ways, sentences and problems", async ({ page, request }) => {
    await page.goto(`/lesson/${await addLesson(request)}?prepare`);
    await field(page, "Last number").fill("1,000");
    await field(page, "Last number").press("Enter");
    await expect(grid(page, "Chart from 1 to 1,000")).toBeVisible();
    await field(page, "First").fill("9 01");
    await expect(page.getByText(/How is 9 01 meant\?/)).toBeVisible();
    await field(page, "First").fill("1 001");
    await field(page, "Last number").fill("1,100");
    await field(page, "Last number").press("Enter");
    await expect(grid(page, "Chart from 1,001 to 1,100")).toBeVisible();
    await expect(place(page, "1,042")).toBeVisible();

    await page.getByRole("radio", { name: "Times grid" }).click();
    await field(page, "First row").fill("1,000");
    await field(page, "First row").press("Enter");
    await expect(grid(page, "Times grid from row 1,000 and column 1")).toBeVisible();

    await page.goto(
      `/lesson/${await lessonWith(request, [lineView(), { kind: "sentence", form: "gathered" }])}?prepare`,
    );
    await field(page, "To").fill("10,000");
    await field(page, "Interval").fill("1,000");
    await field(page, "Interval").press("Enter");
    await expect(grid(page, "Number line from 0 to 10,000")).toBeVisible();
    await button(page, "Teach").click();
    await button(page, "Jump").click();
    const says = () => page.locator("[data-part=number-sentence] svg").allTextContents();
    await field(page, "Jump").fill("1,000");
    await button(page, "Jump on").click();
    await expect.poll(async () => (await says()).join("")).toContain("1,000");
    await turnTo(page, "Sentence");
    await field(page, "Number sentence").fill("5,000 + 250");
    await button(page, "Draw it").click();
    await expect.poll(async () => (await says()).join("")).toBe("5,000+250=5,250");
    await turnTo(page, "To a number");
    await field(page, "To").fill("6 000");
    await button(page, "Draw the jumps").click();
    await expect.poll(async () => (await says()).join("")).toContain("=6,000");

    await page.goto(
      `/lesson/${await lessonWith(request, [{ kind: "problems", items: ["1,000 + 1"], check: "at-once" }])}`,
    );
    await page.getByRole("button", { name: "Blank" }).click();
    await page.getByLabel("Answer").fill("1,001");
    await page.getByRole("button", { name: "Write it" }).click();
    await expect(page.getByRole("button", { name: "1,001, by hand" })).toBeVisible();
  });
});

test.describe("a field says what the board has", () => {
  test("partners are refused and taken together; what was refused goes when they are left, with the reason", async ({
    page,
    request,
  }) => {
    await page.goto(
      `/lesson/${await lessonWith(request, [lineView({ from: "4", to: "6", interval: "1", divisions: 1 })])}?prepare`,
    );
    await field(page, "From").fill("7");
    await expect(page.getByText("Put the smaller number first.")).toBeVisible();
    await expect(grid(page, "Number line from 4 to 6")).toBeVisible();
    await field(page, "To").fill("9");
    await expect(grid(page, "Number line from 7 to 9")).toBeVisible();
    await expect(field(page, "From")).toHaveValue("7");

    await field(page, "From").fill("seven");
    await page.getByRole("heading", { level: 1 }).click();
    await field(page, "Interval").focus();
    await page
      .getByRole("button", { name: "Flat" })
      .or(page.getByRole("radio", { name: "Flat" }))
      .click();
    await page.getByRole("tab", { name: "Board", exact: true }).click();
    await page.getByRole("tab", { name: "Numbers", exact: true }).click();
    await expect(field(page, "From")).toHaveValue("7");
    await expect(grid(page, "Number line from 7 to 9")).toBeVisible();
  });

  test("what a part of the set-up could not use is told as it is left, and holds up no field of another part", async ({
    page,
    request,
  }) => {
    await page.goto(`/lesson/${await lessonWith(request, [lineView()])}?prepare`);
    const part = (name: string) => page.getByRole("tab", { name, exact: true }).click();
    const from = await field(page, "From").inputValue();
    await field(page, "From").fill("seven");
    await part("Labels");
    await part("Range");
    await expect(field(page, "From")).toHaveValue(from);
    await expect(page.getByText("“seven” was not used.")).toBeVisible();
    await field(page, "From").fill("seven");
    await part("Labels");
    await field(page, "Unit, such as metres").fill("steps");
    await expect(page.locator("main").getByText("steps").first()).toBeVisible();
    await part("Range");
    // What can be used is taken, however soon the part is turned.
    await field(page, "To").fill("9");
    await part("Labels");
    await part("Range");
    await expect(field(page, "To")).toHaveValue("9");
  });

  test("a preset, and the board of another tab, take nothing of what was refused or is just being typed", async ({
    page,
    request,
  }) => {
    await page.goto(`/lesson/${await addLesson(request)}?prepare`);
    await field(page, "First").fill("seven");
    await expect(page.getByText(/Write a number, such as/)).toBeVisible();
    await page.getByRole("tab", { name: "Start from" }).click();
    await page.getByRole("button", { name: "0 to 99", exact: true }).click();
    await page.getByRole("tab", { name: "Range" }).click();
    await expect(field(page, "First")).toHaveValue("0");
    await expect(page.getByText(/Write a number, such as/)).toHaveCount(0);

    // Within half a second of the last key another board is touched.
    await field(page, "First").fill("301");
    await openBoard(page, /Every sixth post/);
    await expect(grid(page, "Chart from 1 to 100")).toBeVisible();
    expect(await page.evaluate(() => document.activeElement?.tagName)).not.toBe("INPUT");
    await expect(field(page, "First")).toHaveValue("1");
    await openBoard(page, /How the chart is built/);
    await expect(grid(page, "Chart from 301 to 400")).toBeVisible();

    await page.getByRole("tab", { name: "Board", exact: true }).click();
    await page.getByLabel("Title of this board").fill("Far posts");
    await openBoard(page, /Every sixth post/);
    await expect(page.getByRole("button", { name: "1 Far posts" })).toBeVisible();
    await expect(page.getByRole("button", { name: "2 Every sixth post" })).toBeVisible();
    await saved(page);
  });

  test("a button beside a refused field does nothing but say why", async ({ page, request }) => {
    await page.goto(`/lesson/${await lessonWith(request, [lineView(), { kind: "way" }])}`);
    await button(page, "Jump").click();
    const jumps = page.locator("[data-part=jumps] path");
    for (const [label, typed, name, message] of [
      ["Jump", "0", "Jump on", "Write a number above 0. To go back, touch Jump back."],
      ["Jump", "-3", "Jump on", "Write a number above 0. To go back, touch Jump back."],
      ["Times", "0", "Jump back", "Write a whole number from 1 to 100."],
      ["To", "2 5/2", "Draw the jumps", "The fraction beside a whole number must be smaller than 1."],
    ] as const) {
      await turnTo(page, label === "To" ? "To a number" : "By size");
      await field(page, label).fill(typed);
      await button(page, name).click();
      await expect(page.getByText(message)).toBeVisible();
      await expect(jumps).toHaveCount(0);
      await field(page, label).fill("5");
    }
    await shut(page);
  });

  test("a chart keeps its last number when its rows get another length, and a field that is typed in keeps its digits", async ({
    page,
    request,
  }) => {
    await page.goto(`/lesson/${await addLesson(request)}?prepare`);
    for (const [columns, rows] of [
      ["7", "15"],
      ["20", "5"],
      ["10", "10"],
    ] as const) {
      await field(page, "In each row").fill(columns);
      await field(page, "In each row").press("Enter");
      await expect(field(page, "Rows")).toHaveValue(rows);
      await expect(field(page, "Last number")).toHaveValue("100");
    }
    await field(page, "Last number").fill("1100");
    await expect(page.getByRole("grid", { name: "Chart from 1 to 1,100" })).toBeVisible();
    // It was taken meanwhile; what is typed on is not set in groups under the fingers.
    await expect(field(page, "Last number")).toHaveValue("1100");
    await field(page, "First").focus();
    await expect(field(page, "Last number")).toHaveValue("1,100");
  });
});

test.describe("what is done in class", () => {
  test("a puzzle, the count and the divider are live: as prepared all is as it was, and nothing was saved", async ({
    page,
    request,
  }) => {
    const times = demoLesson("9-crates-in-the-hold").boards[0].views[0];
    const id = await lessonWith(request, [times]);
    await page.goto(`/lesson/${id}`);
    await makePuzzle(page);
    await expect(page.getByText("What belongs here?")).toBeVisible();
    await expect(page.getByRole("gridcell")).toHaveCount(24);
    await page.keyboard.press("w");
    await page.keyboard.press("Backspace");
    await expect(grid(page, "Times grid from row 1 and column 1")).toBeVisible();
    await page.getByTitle("Set the count").click();
    await field(page, "Count in").fill("7");
    await field(page, "Count in").press("Enter");
    await expect(page.getByTitle("Set the count")).toContainText("Count in 7s");
    await page.reload();
    await expect(page.getByTitle("Set the count")).toContainText("Count in 7s");
    await page.keyboard.press("Backspace");
    await expect(page.getByTitle("Set the count")).toContainText("Count in 10s");
    const kept = await (await page.request.get(`/lesson/${id}`)).text();
    expect(kept).not.toContain('\\"by\\":\\"7\\"');
  });

  test("a second puzzle asks for another square, and a solved one stays to be talked about", async ({
    page,
    request,
  }) => {
    const times = demoLesson("9-crates-in-the-hold").boards[0].views[0];
    await page.goto(`/lesson/${await lessonWith(request, [times])}`);
    await makePuzzle(page);
    const asked = page.getByRole("gridcell", { name: /asked for/ });
    await expect(asked).toHaveCount(1);
    const where = () => asked.evaluateAll((all) => all.map((one) => one.getAttribute("data-cell")).join(" "));
    const first = await where();
    await button(page, "Another puzzle").click();
    // For a moment the old square may still be named beside the new one.
    await expect.poll(async () => (await where()).replace(first, "").trim()).toMatch(/^r\d+c\d+$/);
    await expect(asked).toHaveCount(1);
    const [row, column] = /r(\d+)c(\d+)/
      .exec((await where())!)!
      .slice(1)
      .map(Number);
    await page.keyboard.type(String(row! * column!));
    await page.keyboard.press("Enter");
    await expect(page.locator("[data-part=told]")).toHaveText(
      `Yes, ${row! * column!}. How did you work it out?`,
    );
    await expect(asked).toHaveCount(0);
  });
});
