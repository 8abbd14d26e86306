import { expect, type Page, test } from "@playwright/test";
import { turnTo } from "./support/hands";
import { addLesson, climb, lessonWith, lineView, openBoard, place } from "./support/lessons";

const heard = (page: Page) => page.getByRole("status", { name: "What happens on the board" });
const button = (page: Page, name: string) => page.getByRole("button", { name, exact: true });

test("what happens is heard: a step, a count, marks, covers and what is taken back", async ({
  page,
  request,
}) => {
  await page.goto(`/lesson/${await addLesson(request)}`);
  await openBoard(page, /Every sixth post/);
  await expect(heard(page)).toBeAttached();
  await climb(page);
  await expect(heard(page)).toContainText("Step 1 of 7.");
  await expect(heard(page)).toContainText("Which post has the first one?");
  await button(page, "Sea ink").click();
  await place(page, "47").click();
  await expect(heard(page)).toHaveText(/^47 marked in sea\./);
  await button(page, "Take back").click();
  await expect(heard(page)).toHaveText(/^47 no longer marked in sea\./);
  await button(page, "Cover").click();
  await page.locator("[data-cell='46']").click();
  // What is covered is not named.
  await expect(heard(page)).toHaveText(/^1 number covered\./);
  await button(page, "One jump on").click();
  await button(page, "One jump on").click();
  await expect(heard(page)).toHaveText(/^(6\. )?12\.$/);
});

test("a line is read in the order of its numbers, and its jumps from where to where", async ({
  page,
  request,
}) => {
  const line = lineView({ from: "270", to: "300", interval: "10", divisions: 10 });
  await page.goto(`/lesson/${await lessonWith(request, [line])}`);
  await button(page, "Jump").click();
  const jumps = page.getByRole("region", { name: "Jumps" });
  await turnTo(page, "To a number");
  await jumps.getByLabel("From", { exact: true }).fill("276");
  await jumps.getByLabel("To", { exact: true }).fill("300");
  // Enter does what the button beside the field does.
  await page.keyboard.press("Enter");
  const read = page.getByRole("list", { name: "Jumps" }).getByRole("listitem");
  await expect(read).toHaveText(["from 276 to 280, plus 4", "from 280 to 300, plus 20"]);
  const numbers = await page
    .getByRole("gridcell")
    .evaluateAll((cells) => cells.map((cell) => Number(cell.getAttribute("data-number"))));
  expect(numbers).toEqual(numbers.toSorted((a, b) => a - b));
  expect(numbers).toContain(276);
});

test("in a chart the keys act on the square that has the keyboard, not on the one touched last", async ({
  page,
  request,
}) => {
  await page.goto(`/lesson/${await addLesson(request)}`);
  await place(page, "10").click();
  await page.locator("[data-cell='9']").focus();
  for (let down = 0; down < 3; down += 1) await page.keyboard.press("ArrowDown");
  await page.keyboard.press("r");
  for (const number of ["31", "40"])
    await expect(place(page, new RegExp(`^${number}, sun mark`))).toBeVisible();
  await expect(place(page, "9")).toBeVisible();
  await page.keyboard.press("h");
  await expect(place(page, /^40, standing out/)).toBeVisible();
});

test("the count is set beside the chart, in any size by keypad, and gives its room back once it is begun", async ({
  page,
  request,
}) => {
  await page.goto(`/lesson/${await addLesson(request)}`);
  await page.getByTitle("Set the count").click();
  const count = page.getByRole("complementary", { name: "Set the count" });
  for (const size of ["7", "25", "100"]) {
    await count.getByRole("radio", { name: size, exact: true }).click();
    await expect(page.getByTitle("Set the count")).toContainText(`Count in ${size}s`);
  }
  // The chart beside it is whole.
  await expect(place(page, "10")).toBeInViewport({ ratio: 0.95 });
  await button(page, "Keypad").click();
  for (const key of ["1", "4"]) await count.getByRole("button", { name: key, exact: true }).click();
  await count.getByRole("button", { name: "Count in it" }).click();
  await expect(page.getByTitle("Set the count")).toContainText("Count in 14s");
  await button(page, "One jump on").click();
  await expect(count).toHaveCount(0);
});

const RAIL = ["Write", "Pen", "By rule", "Keep as a step"];

for (const width of [820, 1024, 1093, 1239, 1270, 1366, 1440, 1920]) {
  test(`the rail has all of its parts at ${width} px, on it or in its drawer`, async ({ page, request }) => {
    await page.setViewportSize({ width, height: width === 820 ? 1180 : 768 });
    await page.goto(`/lesson/${await addLesson(request, { name: "12-friendly-numbers" })}`);
    await expect(page.getByRole("grid").first()).toBeVisible();
    const rail = page.locator("footer");
    for (const name of [
      "Step down",
      "Climb",
      "Cover",
      "Lift",
      "Jump",
      "Take back",
      "Do again",
      "Start the count",
    ])
      await expect(rail.getByRole("button", { name, exact: true })).toBeVisible();
    const onRail = await Promise.all(
      RAIL.map((name) => rail.getByRole("button", { name, exact: true }).isVisible()),
    );
    const missing = RAIL.filter((_, at) => !onRail[at]);
    const drawer = rail.getByRole("button", { name: "Tools", exact: true });
    if (missing.length === 0) await expect(drawer).toBeHidden();
    else {
      await drawer.click();
      const items = page.getByRole("menuitem");
      for (const name of RAIL)
        await expect(
          items.filter({ hasText: new RegExp(`^${name}$`) }).filter({ visible: true }),
        ).toHaveCount(missing.includes(name) ? 1 : 0);
      await page.keyboard.press("Escape");
    }
    // No part lies on another, and the stair has room for its steps.
    const boxes = await rail.getByRole("button").evaluateAll((all) =>
      all
        .filter((one) => one.checkVisibility())
        .map((one) => {
          const { left, right, top, bottom } = one.getBoundingClientRect();
          return { name: one.getAttribute("aria-label") ?? one.textContent, left, right, top, bottom };
        }),
    );
    for (const [at, one] of boxes.entries())
      for (const other of boxes.slice(at + 1))
        expect(
          Math.min(one.right, other.right) - Math.max(one.left, other.left) <= 0.5 ||
            Math.min(one.bottom, other.bottom) - Math.max(one.top, other.top) <= 0.5,
          `${one.name} and ${other.name}`,
        ).toBe(true);
    const stair = await rail.getByRole("img", { name: /steps/ }).boundingBox();
    expect(stair!.width).toBeGreaterThanOrEqual(56);
  });
}
