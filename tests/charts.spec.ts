import { expect, type Page, test } from "@playwright/test";
import { addLesson, place, saved } from "./support/lessons";

test.use({ hasTouch: true });

const row = (page: Page, number: number) =>
  page
    .getByRole("row")
    .nth(number - 1)
    .getByRole("gridcell");
const field = (page: Page, label: string) => page.getByLabel(label, { exact: true });

async function prepare(page: Page, request: Parameters<typeof addLesson>[0]) {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}?prepare`);
  await expect(page.getByRole("grid", { name: "Chart from 1 to 100" })).toBeVisible();
  return id;
}

test("a chart of the teacher's own: 0 to 100 with a short last row, up the page, back and forth", async ({
  page,
  request,
}) => {
  await prepare(page, request);
  await field(page, "First").fill("0");
  await expect(page.getByRole("grid", { name: "Chart from 0 to 99" })).toBeVisible();
  await field(page, "Last number").fill("100");
  await expect(row(page, 11)).toHaveCount(1);
  await page.getByRole("tab", { name: "Layout" }).click();
  await page.getByRole("radio", { name: "Up the page" }).click();
  await expect(row(page, 11).first()).toHaveAccessibleName("0");
  await page.getByRole("radio", { name: "Back and forth" }).click();
  await expect(row(page, 10).first()).toHaveAccessibleName("19");
  await page.getByRole("radio", { name: "Down", exact: true }).click();
  await expect(row(page, 11).first()).toHaveAccessibleName("0");
  await expect(row(page, 10).first()).toHaveAccessibleName("1");
  await saved(page);
  await page.reload();
  await expect(page.getByRole("grid", { name: "Chart from 0 to 100" })).toBeVisible();
});

test("a chart is turned round to count down, field by field", async ({ page, request }) => {
  await prepare(page, request);
  await field(page, "Last number").fill("40");
  await expect(page.getByRole("grid", { name: "Chart from 1 to 40" })).toBeVisible();
  await field(page, "Go up in").fill("-1");
  await expect(page.getByRole("grid", { name: "Chart from 1 to −38" })).toBeVisible();
  await field(page, "First").fill("100");
  await expect(page.getByRole("grid", { name: "Chart from 100 to 61" })).toBeVisible();
  await field(page, "Last number").fill("0");
  await expect(page.getByRole("grid", { name: "Chart from 100 to 0" })).toBeVisible();
  await expect(row(page, 11)).toHaveCount(1);
});

test("marks and covers stay on their numbers when the chart changes", async ({ page, request }) => {
  await prepare(page, request);
  await place(page, "24").tap();
  await page.getByRole("button", { name: "Cover", exact: true }).tap();
  await place(page, "54").tap();
  await field(page, "In each row").fill("12");
  await expect(row(page, 2).last()).toHaveAccessibleName("24, sun mark, in focus");
  await field(page, "Go up in").fill("4");
  await expect(place(page, "24")).toHaveCount(0);
  await field(page, "Go up in").fill("1");
  await expect(row(page, 5).nth(5)).toHaveAccessibleName("covered");
});

test("anything typed in a field gets a message that says what to do, and changes nothing", async ({
  page,
  request,
}) => {
  await prepare(page, request);
  for (const [label, typed, message] of [
    ["Last number", "", "Write a number here."],
    ["Last number", "0", "This chart begins at 1. Write a last number at or above it."],
    ["Last number", "999999999999999", "this one can end at 1,200"],
    ["Last number", "1e999", "Write a number, such as 7, −3, 0.2 or 3/4."],
    ["Go up in", "1/0", "The bottom number of a fraction cannot be 0."],
    ["Go up in", "-0", "Zero has no sign. Write 0."],
    ["Go up in", "0.0000000001", "Write at most 6 decimal places."],
    ["First", "many", "Write a number, such as 7"],
    ["First", "１２", "Write the number with the digits 0 to 9."],
    ["First", "9".repeat(200), "That number is too long."],
    ["In each row", "31", "Write a whole number from 1 to 30."],
    ["Rows", "121", "A chart has room for 1,200 numbers."],
  ] as const) {
    const was = await field(page, label).inputValue();
    await field(page, label).fill(typed);
    await expect(page.getByText(message)).toBeVisible();
    await expect(page.getByRole("grid", { name: "Chart from 1 to 100" })).toBeVisible();
    await field(page, label).fill(was);
    await expect(page.getByText(message)).toHaveCount(0);
  }
  // A decimal comma is understood.
  await field(page, "Go up in").fill("0,5");
  await expect(page.getByRole("grid", { name: "Chart from 1 to 50.5" })).toBeVisible();
});

test("the gallery: tenths, and a blank chart that is empty and can be shaded", async ({ page, request }) => {
  await prepare(page, request);
  await page.getByRole("tab", { name: "Start from" }).click();
  await page.getByRole("button", { name: "Tenths to 10" }).click();
  await expect(page.getByRole("grid", { name: "Chart from 0.1 to 10" })).toBeVisible();
  await page.getByRole("button", { name: "Blank, 10 × 10" }).click();
  await expect(page.getByRole("gridcell", { name: "empty" })).toHaveCount(100);
  await page.locator("[data-cell='10']").tap();
  await expect(page.getByRole("gridcell", { name: "empty, sun mark, in focus" })).toHaveCount(1);
  await page.getByRole("button", { name: "1 to 50", exact: true }).click();
  await expect(place(page, "11, sun mark, in focus")).toBeVisible();
});

test("the neighbours of the number in focus are named on its four sides", async ({ page, request }) => {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}`);
  await place(page, "47").tap();
  await page.keyboard.press("n");
  const guides = page.locator("[data-part=guides]");
  for (const words of ["1 less46", "1 more48", "10 less: 37", "10 more: 57"]) {
    await expect(guides.getByText(words)).toHaveCount(1);
  }
  await page.getByRole("button", { name: "Cover", exact: true }).tap();
  await place(page, "57").tap();
  await expect(guides.getByText("10 more: ?")).toHaveCount(1);
  await page.keyboard.press("n");
  await expect(guides).toHaveCount(0);
});

test("a whole row and a whole column by their edges, and by their keys", async ({ page, request }) => {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}`);
  await page.getByRole("button", { name: "Row 3", exact: true }).tap();
  await expect(page.getByRole("gridcell", { name: /sun mark/ })).toHaveCount(10);
  await page.getByRole("button", { name: "Cover", exact: true }).tap();
  await page.getByRole("button", { name: "Column 5", exact: true }).tap();
  await expect(place(page, "covered")).toHaveCount(10);
  await page.getByRole("button", { name: "Take back" }).tap();
  await expect(place(page, "covered")).toHaveCount(0);
  await page.keyboard.press("m");
  await place(page, "47").tap();
  await page.keyboard.press("o");
  await expect(page.getByRole("gridcell", { name: /sun mark/ })).toHaveCount(19);
  await page.keyboard.press("r");
  await expect(page.getByRole("gridcell", { name: /sun mark/ })).toHaveCount(28);
});

test("one number stands out by size and weight, and is as the others again", async ({ page, request }) => {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}?prepare`);
  const size = (number: string) =>
    place(page, new RegExp(`^${number}\\b`))
      .locator("text")
      .evaluate((text) => parseFloat(text.getAttribute("font-size")!));
  await place(page, "50").tap();
  await page.keyboard.press("h");
  await expect(place(page, "50, standing out, sun mark, in focus")).toBeVisible();
  expect(await size("50")).toBeGreaterThan((await size("51")) * 1.15);
  await page.getByRole("tab", { name: "Marks", exact: true }).click();
  await page.getByRole("button", { name: "Make 50 ordinary again" }).click();
  await expect(place(page, "50, sun mark, in focus")).toBeVisible();
});

test("a long press peeks under a cover while preparing; in class, where all see the screen, it lifts it", async ({
  page,
  request,
}) => {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}?prepare`);
  await page.getByRole("button", { name: "Cover", exact: true }).click();
  await place(page, "63").click();
  await page.getByRole("button", { name: "Lift", exact: true }).click();
  const box = (await page.locator("[data-cell='62']").boundingBox())!;
  await page.mouse.move(box.x + 20, box.y + 20);
  await page.mouse.down();
  await expect(page.locator("[data-part=peek]")).toHaveText("63");
  await page.mouse.up();
  await expect(page.locator("[data-part=peek]")).toHaveCount(0);
  await expect(place(page, "covered")).toHaveCount(1);
  await page.getByRole("button", { name: "Teach" }).click();
  // The chart grows as the drawer goes: the pointer waits until it stands.
  await expect(page.getByRole("complementary", { name: "Set up the board" })).toBeHidden();
  await page.locator("[data-cell='62']").hover();
  await page.mouse.down();
  await expect(place(page, /^63/)).toBeVisible();
  await page.mouse.up();
  await expect(page.locator("[data-part=peek]")).toHaveCount(0);
});

test("in class it peeks where the lesson is set to, and the setting is kept", async ({ page, request }) => {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}`);
  await page.getByRole("button", { name: "More", exact: true }).click();
  await page.getByRole("menuitem", { name: "Rename or label the lesson" }).click();
  await page.getByRole("switch", { name: /a long press shows what a cover hides/ }).click();
  await page.getByRole("button", { name: "Save", exact: true }).click();
  await saved(page);
  await page.reload();
  await page.getByRole("button", { name: "Cover", exact: true }).click();
  const square = page.locator("[data-cell='62']");
  await square.click();
  await expect(place(page, "covered")).toHaveCount(1);
  await square.hover();
  await page.mouse.down();
  await expect(page.locator("[data-part=peek]")).toHaveText("63");
  await page.mouse.up();
  await expect(page.locator("[data-part=peek]")).toHaveCount(0);
  await expect(place(page, "covered")).toHaveCount(1);
});

test("a finger on the chart marks at once, and the settings of the count stay beside it", async ({
  page,
  request,
}) => {
  await page.goto(`/lesson/${await addLesson(request)}`);
  await page.getByRole("button", { name: /^Count in/ }).tap();
  const settings = page.getByRole("complementary", { name: "Set the count" });
  await expect(settings).toBeVisible();
  const one = page.locator("[data-cell='0']");
  await one.tap();
  await expect(one).toHaveAccessibleName(/^1, sun mark/);
  // It stays: the chart beside it is whole.
  await expect(settings).toBeVisible();
  // The numeral, which stays while its ground is drawn, has its weight too.
  await expect(one.locator("text")).toHaveAttribute("font-weight", "700");
  await one.tap();
  await expect(one.locator("text")).toHaveAttribute("font-weight", "400");
});
