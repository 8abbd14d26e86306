import { expect, type Page, test } from "@playwright/test";
import { addLesson, saved } from "./support/lessons";

test.use({ hasTouch: true });

const at = (page: Page, row: number, column: number) => page.locator(`[data-cell="r${row}c${column}"]`);
const grid = (page: Page, row: number, column: number) =>
  page.getByRole("grid", { name: `Times grid from row ${row} and column ${column}` });
const watcher = (page: Page) => page.getByRole("status", { name: "Only for you" });

async function open(page: Page, request: Parameters<typeof addLesson>[0]) {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}?prepare`);
  await page.getByRole("radio", { name: "Times grid" }).click();
  await expect(grid(page, 1, 1)).toBeVisible();
  return id;
}

/** The page of the set-up from which the window is sent to a row and a column. */
async function toSlide(page: Page) {
  await page.getByRole("button", { name: "Prepare", exact: true }).click();
  await page.getByRole("tab", { name: "Slide", exact: true }).click();
}

test("row 3, column 8 holds 24; a mark on its place or wherever it lives; a whole row by its name", async ({
  page,
  request,
}) => {
  await open(page, request);
  await page.getByRole("button", { name: "Teach" }).click();
  await at(page, 3, 8).tap();
  await expect(at(page, 3, 8)).toHaveAccessibleName("24, sun mark, in focus");
  await expect(page.getByRole("gridcell", { name: /sun/ })).toHaveCount(1);
  await page.getByRole("radio", { name: "Everywhere" }).click();
  await page.getByRole("button", { name: "Sea ink" }).tap();
  await at(page, 4, 6).tap();
  await expect(page.getByRole("gridcell", { name: /24, .*sea mark/ })).toHaveCount(4);
  await page.getByRole("button", { name: "Cover", exact: true }).tap();
  await at(page, 2, 6).tap();
  await expect(page.getByRole("gridcell", { name: "covered" })).toHaveCount(4);
  await page.getByRole("button", { name: "Take back" }).tap();
  await page.getByRole("button", { name: "Row 7", exact: true }).click();
  await expect(page.getByRole("gridcell", { name: "covered" })).toHaveCount(10);
});

test("what comes next is asked, then seen; the window slides by buttons, keys, wheel, drag and by name", async ({
  page,
  request,
}) => {
  const id = await open(page, request);
  await page.getByRole("button", { name: "Teach" }).click();
  await page.getByRole("button", { name: "What comes next to the right?" }).tap();
  await page.getByRole("button", { name: "See what comes next to the right" }).tap();
  await expect(grid(page, 1, 2)).toBeVisible();
  await expect(at(page, 10, 11)).toHaveAccessibleName("110");
  await page.getByRole("button", { name: "What comes next below?" }).tap();
  await page.getByRole("button", { name: "See what comes next below" }).tap();
  await expect(grid(page, 2, 2)).toBeVisible();
  await page.getByRole("button", { name: "Slide down" }).tap();
  await expect(grid(page, 3, 2)).toBeVisible();
  await page.getByRole("button", { name: "Take back" }).tap();
  await expect(grid(page, 1, 2)).toBeVisible();

  await toSlide(page);
  await page.getByLabel("Go to row").fill("18");
  await page.getByLabel("Go to row").press("Enter");
  await expect(grid(page, 18, 2)).toBeVisible();
  const box = (await grid(page, 18, 2).boundingBox())!;
  const middle = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  await page.mouse.move(middle.x, middle.y);
  await page.mouse.wheel(0, 180);
  await expect(grid(page, 20, 2)).toBeVisible();
  await page.mouse.down();
  await page.mouse.move(middle.x - 100, middle.y, { steps: 4 });
  await page.mouse.move(middle.x - box.width / 5, middle.y, { steps: 4 });
  await page.mouse.up();
  await expect(grid(page, 20, 4)).toBeVisible();
  await expect(page.getByRole("gridcell", { name: /mark/ })).toHaveCount(0);

  await page.getByLabel("Go to row").fill("1000001");
  await expect(page.getByText("Write a whole number from 1 to 1,000,000.")).toBeVisible();
  await page.getByLabel("Go to row").fill("999991");
  await page.keyboard.press("Enter");
  await expect(at(page, 1_000_000, 13)).toHaveAccessibleName("13,000,000");

  // By keyboard: from place to place, and over the edge of the window.
  await page.getByLabel("Go to row").fill("1");
  await page.keyboard.press("Enter");
  await expect(grid(page, 1, 4)).toBeVisible();
  await page.evaluate(() => (document.activeElement as HTMLElement).blur());
  await at(page, 10, 4).focus();
  await page.keyboard.press("ArrowDown");
  await expect(grid(page, 2, 4)).toBeVisible();
  await page.keyboard.press("Enter");
  await expect(at(page, 11, 4)).toHaveAccessibleName("44, sun mark, in focus");
  await page.goto(`/lesson/${id}`);
  await expect(grid(page, 2, 4)).toBeVisible();
});

test("the window and its names are set up, with clear messages", async ({ page, request }) => {
  await open(page, request);
  await page.getByLabel("Rows", { exact: true }).fill("21");
  await expect(page.getByText("Write a whole number from 1 to 20.")).toBeVisible();
  await page.getByLabel("Rows", { exact: true }).fill("20");
  await page.getByLabel("Columns", { exact: true }).fill("24");
  await expect(page.getByRole("row")).toHaveCount(20);
  await page.getByLabel("First row").fill("999990");
  await expect(page.getByText("Rows are counted up to 1,000,000.")).toBeVisible();
  await page.getByRole("radiogroup", { name: "Row numbers" }).getByText("Covered").click();
  await expect(page.getByRole("button", { name: "Row, covered" })).toHaveCount(20);
  await page.getByRole("radiogroup", { name: "Column numbers" }).getByText("None").click();
  await expect(page.getByRole("button", { name: /^Column / })).toHaveCount(0);
  await saved(page);
});

test("a puzzle has one answer, which the teacher is told of; it is filled, and the next one made", async ({
  page,
  request,
}) => {
  await open(page, request);
  await page.getByRole("tab", { name: "Slide", exact: true }).click();
  await page.getByLabel("Level, 1 to 10").fill("7");
  await page.getByRole("button", { name: "Make a puzzle" }).click();
  await page.getByRole("button", { name: "Teach" }).click();
  await expect(page.getByText("What belongs here?")).toBeVisible();
  // In class it is told only where the teacher asks for it.
  await expect(watcher(page)).not.toContainText("One answer");
  await watcher(page).getByRole("button", { name: "Something for you" }).click();
  await expect(watcher(page)).toContainText("One answer");
  const asked = page.getByRole("gridcell", { name: /asked for/ });
  const named = /r(\d+)c(\d+)/.exec((await asked.getAttribute("data-cell"))!)!;
  const answer = Number(named[1]) * Number(named[2]);
  await page.keyboard.type(String(answer + 1));
  await page.keyboard.press("Enter");
  await expect(page.locator("[data-part=told]")).toContainText(`${answer + 1} does not belong here.`);
  await page.keyboard.type(String(answer));
  await page.keyboard.press("Enter");
  await expect(page.getByRole("gridcell", { name: `${answer}, by hand, in focus` })).toBeVisible();
  await page.getByRole("button", { name: "Another puzzle" }).click();
  await expect(asked).toHaveCount(1);
  await expect(page.getByRole("gridcell", { name: /by hand/ })).toHaveCount(0);
});

test("two pupils touch at the same time, and while another slides", async ({ page, request }) => {
  await open(page, request);
  await page.getByRole("button", { name: "Teach" }).click();
  // The grid has grown into the room of the drawer.
  await expect(page.getByRole("complementary", { name: "Set up the board" })).toHaveCount(0);
  const cdp = await page.context().newCDPSession(page);
  const middle = async (row: number, column: number) => {
    const box = (await at(page, row, column).boundingBox())!;
    return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  };
  const touch = (type: string, touchPoints: { x: number; y: number; id: number }[]) =>
    cdp.send("Input.dispatchTouchEvent", { type: type as "touchStart", touchPoints });
  const first = { ...(await middle(2, 2)), id: 1 };
  const second = { ...(await middle(7, 8)), id: 2 };
  await touch("touchStart", [first]);
  await touch("touchStart", [first, second]);
  await touch("touchEnd", []);
  await expect(at(page, 2, 2)).toHaveAccessibleName("4, sun mark");
  await expect(at(page, 7, 8)).toHaveAccessibleName(/^56, sun mark/);

  // The first finger slides two columns on; what the second touches is what is seen under it then.
  const width = (await at(page, 2, 2).boundingBox())!.width;
  await touch("touchStart", [first]);
  await touch("touchMove", [{ ...first, x: first.x - width }]);
  await touch("touchMove", [{ ...first, x: first.x - 2 * width }]);
  await touch("touchStart", [{ ...first, x: first.x - 2 * width }, second]);
  await touch("touchEnd", [{ ...first, x: first.x - 2 * width }]);
  await touch("touchEnd", []);
  await expect(grid(page, 1, 3)).toBeVisible();
  await expect(at(page, 7, 10)).toHaveAccessibleName(/^70, sun mark/);
});

test("answer tiles are dragged to the open places of a times grid", async ({ page, request }) => {
  await open(page, request);
  await page.getByRole("button", { name: "Teach" }).click();
  await page.getByRole("button", { name: "Cover", exact: true }).click();
  for (const column of [6, 8]) await at(page, 7, column).tap();
  await page.getByRole("button", { name: "Write", exact: true }).click();
  await page.getByRole("radio", { name: "Tiles" }).click();
  const tile = (name: string) =>
    page.getByRole("group", { name: "Answer tiles" }).getByRole("button", { name, exact: true });
  const drag = async (name: string, column: number) => {
    const [a, b] = [(await tile(name).boundingBox())!, (await at(page, 7, column).boundingBox())!];
    await page.mouse.move(a.x + 10, a.y + 10);
    await page.mouse.down();
    await page.mouse.move(a.x - 20, a.y + 10, { steps: 3 });
    await page.mouse.move(b.x + b.width / 2, b.y + b.height / 2, { steps: 6 });
    await page.mouse.up();
  };
  await drag("56", 6);
  await expect(page.locator("[data-part=told]")).toContainText("56 does not belong here.");
  await expect(at(page, 7, 6)).toHaveAccessibleName(/^covered/);
  await drag("42", 6);
  await expect(at(page, 7, 6)).toHaveAccessibleName("42, by hand, in focus");
  await expect(grid(page, 1, 1)).toBeVisible();
  await drag("56", 8);
  await expect(at(page, 7, 8)).toHaveAccessibleName("56, by hand, in focus");
  await expect(tile("56")).toHaveCount(0);
});
