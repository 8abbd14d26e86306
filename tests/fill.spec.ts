import { expect, type Locator, type Page, test } from "@playwright/test";
import { middleOf, shut, tap, twice } from "./support/hands";
import { addLesson, place } from "./support/lessons";
import { clear, pressOnRail } from "./support/rail";

test.use({ hasTouch: true });

const told = (page: Page) => page.locator("[data-part=told]");
const at = (page: Page, number: number) => page.locator(`[data-cell='${number - 1}']`);
const way = (page: Page, name: string) => page.getByRole("radio", { name }).click();

/** A hundred chart on which only a few numbers show. */
async function covered(page: Page, request: Parameters<typeof addLesson>[0], shown: number[]) {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}`);
  await pressOnRail(page, "By rule");
  await page.getByRole("tab", { name: "Covers", exact: true }).click();
  await page.getByRole("button", { name: "Cover all" }).click();
  await page.getByRole("button", { name: "Lift", exact: true }).click();
  for (const number of shown) await at(page, number).tap();
  await expect(place(page, "covered")).toHaveCount(100 - shown.length);
  await page.getByRole("button", { name: "Write", exact: true }).click();
  await expect(page.getByRole("region", { name: "Write" })).toBeVisible();
}

test("a place is filled by keyboard and by keypad; a wrong number changes nothing and is told kindly", async ({
  page,
  request,
}) => {
  await covered(page, request, [10, 60, 72]);
  await at(page, 63).tap();
  await page.keyboard.type("36");
  await page.keyboard.press("Enter");
  await expect(told(page)).toHaveText("36 does not belong here. How could we find out what does?");
  await expect(place(page, "covered")).toHaveCount(97);
  await page.getByRole("button", { name: "Hint" }).tap();
  await expect(told(page)).toHaveText("It is more than 60. How much more?");
  for (const key of ["6", "3"]) await page.getByRole("button", { name: key, exact: true }).tap();
  await page.getByRole("button", { name: "Write it" }).tap();
  await expect(place(page, "63, by hand, in focus")).toBeVisible();
  await page.getByRole("button", { name: "Take back" }).tap();
  await expect(place(page, "covered")).toHaveCount(97);
  await at(page, 64).tap();
  await page.keyboard.type("6//");
  await page.keyboard.press("Enter");
  await expect(told(page)).toHaveText("Write a number, such as 7, −3, 0.2 or 3/4.");
  await at(page, 60).tap();
  await expect(told(page)).toHaveText("60 is there already. Touch an empty square.");
});

test("checked at the end: what does not belong is shown, and can be written again", async ({
  page,
  request,
}) => {
  await covered(page, request, [1, 50]);
  await page.getByRole("button", { name: "Checking" }).click();
  await page.getByRole("radio", { name: "At the end" }).click();
  await shut(page);
  const write = async (number: number, says: string) => {
    await at(page, number).tap();
    await page.keyboard.type(says);
    await page.keyboard.press("Enter");
  };
  await write(51, "51");
  await write(52, "25");
  await expect(place(page, "25, by hand, in focus")).toBeVisible();
  await page.getByRole("button", { name: "Check what is written" }).click();
  await expect(told(page)).toHaveText("1 right. 1 to think about again.");
  await expect(place(page, "25, by hand, does not belong here, in focus")).toBeVisible();
  // A place may be written in again, right or wrong: that it could not would tell which it is.
  await write(51, "15");
  await write(51, "51");
  await write(52, "52");
  await page.getByRole("button", { name: "Check what is written" }).click();
  await expect(told(page)).toHaveText("All 2 are right.");
  await clear(page, "Clear what is written");
  await expect(page.getByRole("gridcell", { name: /by hand/ })).toHaveCount(0);
});

async function drag(page: Page, from: Locator, to: Locator) {
  const [a, b] = [(await from.boundingBox())!, (await to.boundingBox())!];
  await page.mouse.move(a.x + 10, a.y + 10);
  await page.mouse.down();
  await page.mouse.move(a.x - 20, a.y + 10, { steps: 3 });
  await page.mouse.move(b.x + b.width / 2, b.y + b.height / 2, { steps: 6 });
  await page.mouse.up();
}

test("answer tiles are dragged to their places, or put there by two touches", async ({ page, request }) => {
  await covered(
    page,
    request,
    Array.from({ length: 100 }, (_, i) => i + 1).filter((n) => n < 40 || n > 43),
  );
  await way(page, "Tiles");
  const tiles = page.getByRole("group", { name: "Answer tiles" }).getByRole("button");
  await expect(tiles).toHaveCount(6);
  const tile = (name: string) => page.getByRole("button", { name, exact: true });
  await drag(page, tile("41"), at(page, 41));
  await expect(place(page, "41, by hand, in focus")).toBeVisible();
  await expect(tiles).toHaveCount(5);
  // A double tap takes it up, and does not put it down again.
  await twice("touch", page, await middleOf(tile("42")), 120);
  await page.waitForTimeout(400);
  await at(page, 43).tap();
  await expect(told(page)).toContainText("42 does not belong here.");
  await tap(tile("42"));
  await at(page, 42).tap();
  await expect(place(page, "42, by hand, in focus")).toBeVisible();
  await expect(tiles).toHaveCount(4);
});

test("where does it go: drawn numbers are placed, the tally runs, then it starts again", async ({
  page,
  request,
}) => {
  await covered(page, request, [5, 50, 95]);
  await way(page, "Where it goes");
  await page.getByRole("button", { name: "Checking" }).click();
  await page.getByLabel("How many numbers to place").fill("2");
  await page.keyboard.press("Enter");
  await shut(page);
  await page.getByRole("button", { name: "Draw a number" }).tap();
  await expect(page.getByText("Where does it go?")).toBeVisible();
  const asked = async () => Number(await page.locator("[data-part=digits]").getAttribute("aria-label"));
  const first = await asked();
  await at(page, first === 20 ? 21 : 20).tap();
  await expect(told(page)).toContainText(`${first} does not belong here.`);
  await expect(place(page, "covered")).toHaveCount(97);
  await at(page, first).tap();
  await expect(page.getByText("1 of 2 placed")).toBeVisible();
  await at(page, await asked()).tap();
  await expect(told(page)).toHaveText("All 2 numbers are placed.");
  await page.getByRole("button", { name: "Start again" }).tap();
  await expect(page.getByText("0 of 2 placed")).toBeVisible();
  await expect(page.getByRole("gridcell", { name: /^covered/ })).toHaveCount(97);
});

test("the maker of the next question chooses a place for somebody else", async ({ page, request }) => {
  await covered(page, request, [5, 50]);
  await way(page, "Where it goes");
  await page.getByRole("button", { name: "Choose a square" }).tap();
  await at(page, 78).tap();
  await expect(page.getByText("What belongs here?")).toBeVisible();
  await expect(place(page, "covered, asked for")).toBeVisible();
  await page.keyboard.type("78");
  await page.keyboard.press("Enter");
  await expect(page.getByText("1 of 10 placed")).toBeVisible();
});
