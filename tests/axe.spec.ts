import { expect, type Page, test } from "@playwright/test";
import { faultsOf } from "./support/axe";
import { shut } from "./support/hands";
import { addLesson, climb, lessonWith, lineView, openBoard } from "./support/lessons";
import { clear, makePuzzle, pressOnRail } from "./support/rail";

test.beforeEach(({ page }) => page.emulateMedia({ reducedMotion: "reduce" }));

/** Nothing is found on the whole page by any rule of axe, grave or small. */
async function clean(page: Page, what: string) {
  const faults = await faultsOf(page);
  expect
    .soft(
      faults.map(({ id, nodes }) => [id, nodes.slice(0, 3).map(({ html }) => html.slice(0, 160))]),
      what,
    )
    .toEqual([]);
}

const button = (page: Page, name: string) => page.getByRole("button", { name, exact: true });

test("nothing is found on the shelf and its neighbours", async ({ page }) => {
  await page.goto("/");
  await clean(page, "shelf");
  await page
    .getByRole("listitem")
    .getByRole("button", { name: /^More for/ })
    .first()
    .click();
  await clean(page, "what can be done to a lesson");
  await page.getByRole("menuitem", { name: /label/i }).click();
  await clean(page, "a lesson renamed");
  await shut(page);
  await page.goto("/?find=zzz");
  await clean(page, "nothing found");
  await page.goto("/");
  await button(page, "New lesson").click();
  await expect(page.getByRole("dialog")).toBeVisible();
  await clean(page, "new lesson");
  await page.goto("/removed");
  await clean(page, "removed lessons");
  await page.goto("/lesson/none");
  await clean(page, "not found");
});

test("nothing is found on a board that is taught", async ({ page, request }) => {
  await page.goto(`/lesson/${await addLesson(request)}`);
  await clean(page, "foot of the stair");
  await openBoard(page, /Every sixth post/);
  for (let step = 0; step < 5; step += 1) await climb(page);
  await button(page, "Cover").click();
  await page.locator("[data-cell='54']").click();
  await button(page, "Show answer").click();
  await clean(page, "climbed, with covers and the answer");
  await page.getByTitle("Set the count").click();
  await clean(page, "the count is set");
  await button(page, "Keypad").click();
  await clean(page, "its size by keypad");
  await button(page, "Start the count").click();
  await clean(page, "counting");
  await button(page, "Pause the count").click();
  await button(page, "Tools").click();
  await expect(page.getByRole("menu")).toBeVisible();
  await clean(page, "the drawer of the rail");
  await shut(page);
  await button(page, "More").click();
  await expect(page.getByRole("menu")).toBeVisible();
  await clean(page, "the menu of the lesson");
  await shut(page);
  await pressOnRail(page, "By rule");
  for (const tab of ["Marks", "Covers", "Pattern"]) {
    await page.getByRole("tab", { name: tab, exact: true }).click();
    await clean(page, `${tab} by rule`);
  }
  await button(page, "Write").click();
  for (const way of ["Keypad", "Tiles", "Where it goes"]) {
    await page.getByRole("radio", { name: way }).click();
    await clean(page, `writing: ${way}`);
  }
  await page.keyboard.press("p");
  await expect(page.getByRole("group", { name: "Pen" })).toBeVisible();
  await clean(page, "pen");
  await page.keyboard.press("m");
  await page.keyboard.press("n");
  await expect(page.locator("[data-part=guides]")).toBeVisible();
  await clean(page, "neighbours");
  await clear(page, "Clear all marks");
});

test("nothing is found on a board that is prepared", async ({ page, request }) => {
  await page.goto(`/lesson/${await addLesson(request)}?prepare`);
  await openBoard(page, /Every sixth post/);
  for (const tab of ["Numbers", "Marks", "Covers", "Pattern", "Views", "Board"]) {
    await page.getByRole("tab", { name: tab, exact: true }).click();
    await clean(page, `set-up: ${tab}`);
  }
  await page.getByTitle("Set the count").click();
  await clean(page, "set-up: Count");
  await page.getByRole("button", { name: /^More for step 1/ }).click();
  await clean(page, "what can be done to a step");
  await page.getByRole("menuitem", { name: "Open in the workshop" }).click();
  await expect(page.getByRole("dialog")).toBeVisible();
  await clean(page, "the workshop");
  await shut(page);
  for (const key of ["k", "?", "Control+k"]) {
    await page.locator("body").press(key);
    await expect(page.getByRole("dialog")).toBeVisible();
    await clean(page, `dialog of ${key}`);
    await shut(page);
  }
  for (const name of [
    "Sheets for the table",
    "A stair from a recipe",
    "All boards",
    "Earlier versions",
    "Numbers as a table",
    "Save a picture of the board",
  ]) {
    await page.locator("body").press("Control+k");
    await page.getByRole("dialog").getByRole("textbox").or(page.getByRole("combobox")).first().fill(name);
    await page.keyboard.press("Enter");
    await expect(page.getByRole("dialog")).toBeVisible();
    await clean(page, name);
    await shut(page);
  }
});

/** A board of each kind, and how far its stair is climbed. */
const BOARDS = [
  ["9-crates-in-the-hold", 1, 4],
  ["9-crates-in-the-hold", 2, 1],
  ["8-arrows-on-the-jetty", 1, 3],
  ["12-friendly-numbers", 1, 3],
  ["13-how-far-to-the-next-ten", 1, 2],
  ["13-how-far-to-the-next-ten", 3, 1],
  ["10-the-tide-gauge", 2, 2],
  ["16-jars-past-the-hundred", 2, 3],
  ["17-crates-and-jars", 1, 2],
  ["18-filling-the-ferry", 1, 3],
  ["19-the-harbour-clock", 1, 3],
  ["20-numbers-read-and-ordered", 1, 2],
  ["21-lamps-in-the-mist", 1, 3],
  ["22-pattern-cards", 1, 3],
  ["23-how-the-lamps-grow", 1, 2],
] as const;

for (const [name, at, steps] of BOARDS) {
  test(`nothing is found on board ${at} of ${name}`, async ({ page, request }) => {
    await page.goto(`/lesson/${await addLesson(request, { name })}`);
    await openBoard(page, new RegExp(`^${at} `));
    for (let step = 0; step < steps; step += 1) await page.keyboard.press("PageDown");
    await expect(page.locator("[data-place=main] [aria-busy]")).toHaveCount(0);
    await clean(page, name);
  });
}

test("nothing is found while a line is jumped on, a puzzle is solved, or a ring is counted round", async ({
  page,
  request,
}) => {
  await page.goto(`/lesson/${await addLesson(request, { name: "12-friendly-numbers" })}`);
  await expect(page.getByRole("grid")).toBeVisible();
  await page.keyboard.press("j");
  await expect(page.getByRole("region", { name: "Jumps" })).toBeVisible();
  await clean(page, "jumps");
  await page.goto(`/lesson/${await addLesson(request, { name: "9-crates-in-the-hold" })}`);
  await makePuzzle(page);
  await expect(page.getByText("What belongs here?")).toBeVisible();
  await clean(page, "puzzle");
  const ring = lineView({ from: "0", to: "12", interval: "1", divisions: 1, shape: "ring" });
  await page.goto(`/lesson/${await lessonWith(request, [ring])}`);
  await button(page, "One jump on").click();
  await clean(page, "ring");
});
