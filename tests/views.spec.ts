import { expect, type Page, test } from "@playwright/test";
import { addView, HANDS, press } from "./support/hands";
import { addLesson, panel, place, saved } from "./support/lessons";
import { clear } from "./support/rail";

test.use({ hasTouch: true });

const region = (page: Page, name: string) => page.getByRole("region", { name, exact: true });
const setUp = (page: Page, name: string) =>
  page.getByRole("radiogroup", { name: "Set up" }).getByRole("radio", { name, exact: true });
const radio = (page: Page, name: string) => page.getByRole("radio", { name, exact: true });

async function prepare(page: Page, request: Parameters<typeof addLesson>[0]) {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}?prepare`);
  await page.getByRole("tab", { name: "Views", exact: true }).click();
  return id;
}

for (const hand of HANDS) {
  test(`two charts stand side by side, one for the next hundred, by ${hand}`, async ({ page, request }) => {
    await prepare(page, request);
    await addView(page, "Chart");
    await expect(region(page, "Chart 2")).toBeVisible();
    await press(hand, page.getByRole("tab", { name: "Numbers", exact: true }));
    await press(hand, setUp(page, "Chart 2"));
    await press(hand, page.getByRole("tab", { name: "Start from" }));
    await press(hand, page.getByRole("button", { name: "101 to 200" }));
    await expect(region(page, "Chart 2").getByRole("gridcell", { name: "148", exact: true })).toBeVisible();
    await expect(region(page, "Chart").getByRole("gridcell", { name: "48", exact: true })).toBeVisible();
    // Both share the marks: what is touched on the one is marked on the other, where it has the number.
    await press(hand, setUp(page, "Chart"));
    await page.getByRole("textbox", { name: "Last number" }).fill("120");
    await page.getByRole("textbox", { name: "Last number" }).press("Tab");
    await press(hand, page.getByRole("button", { name: "Teach" }));
    await press(hand, region(page, "Chart 2").getByRole("gridcell", { name: "108", exact: true }));
    await expect(place(page, /^108, sun mark/)).toHaveCount(2);
    await press(hand, page.getByRole("button", { name: "Take back" }));
    await expect(place(page, /^108, sun mark/)).toHaveCount(0);
  });
}

test("a letter on a closed list is a shortcut, and chooses nothing from the list", async ({
  page,
  request,
}) => {
  await prepare(page, request);
  await addView(page, "Number line");
  const views = page.getByRole("list", { name: "Views of this board" }).getByRole("listitem");
  await expect(views).toHaveCount(2);
  await expect(page.getByRole("combobox", { name: "Add a view" })).toBeFocused();
  // On an open one it looks for what begins with it, also as the list is just opening.
  await page.keyboard.press("Enter");
  await expect(page.getByRole("option", { name: "Place value" })).toBeVisible();
  await page.keyboard.press("p");
  await expect(page.getByRole("group", { name: "Pen" })).toHaveCount(0);
  await page.keyboard.press("Escape");
  await page.keyboard.press("p");
  await expect(page.getByRole("group", { name: "Pen" })).toBeVisible();
  await expect(views).toHaveCount(2);
});

test("two lines are slid each for itself, and stay there after a reload", async ({ page, request }) => {
  await prepare(page, request);
  await page.getByRole("combobox", { name: "View 1" }).click();
  await page.getByRole("option", { name: "Number line" }).click();
  await addView(page, "Number line");
  await radio(page, "One above the other").click();
  const labels = (name: string) => region(page, name).locator("[data-number]");
  const stands = async () => {
    await expect(labels("Number line 2").and(page.locator("[data-number='110']"))).toHaveCount(1);
    await expect(labels("Number line").and(page.locator("[data-number='110']"))).toHaveCount(0);
    await expect(labels("Number line").and(page.locator("[data-number='0']"))).toHaveCount(1);
  };
  await region(page, "Number line 2").getByRole("button", { name: "Slide on one interval" }).click();
  await stands();
  await saved(page);
  await page.reload();
  await stands();
});

test("four views stand in a square, or as a large one and three small ones; there is no room for a fifth", async ({
  page,
  request,
}) => {
  await prepare(page, request);
  for (const name of ["Number line", "Number strip", "Numbers on the way"]) await addView(page, name);
  await expect(page.getByRole("combobox", { name: "View 4" })).toBeVisible();
  await expect(page.getByRole("combobox", { name: "Add a view" })).toHaveCount(0);
  const names = ["Chart", "Number line", "Number strip", "Numbers on the way"];
  const boxes = async () => Promise.all(names.map(async (name) => (await region(page, name).boundingBox())!));
  const apart = async () => {
    const all = await boxes();
    for (const [i, a] of all.entries())
      for (const b of all.slice(i + 1))
        expect(
          a.x + a.width <= b.x + 1 ||
            b.x + b.width <= a.x + 1 ||
            a.y + a.height <= b.y + 1 ||
            b.y + b.height <= a.y + 1,
        ).toBe(true);
    return all;
  };
  const [large, ...small] = await apart();
  for (const one of small) expect(one.width * one.height).toBeLessThan(large!.width * large!.height);
  // In a small room a line has all of it: what stood below it would be cut off.
  const slide = region(page, "Number line").getByRole("button", { name: "Slide on one interval" });
  await expect(slide).toBeHidden();
  await radio(page, "In a square").click();
  await expect
    .poll(async () => (await boxes()).map(({ width }) => Math.round(width / 20)))
    .toEqual(Array(4).fill(Math.round((await boxes())[0]!.width / 20)));
  await apart();
  // A view that is hidden gives its room to the others.
  await page.getByRole("button", { name: "Hide for now: Number strip" }).click();
  await expect(region(page, "Number strip")).toHaveCount(0);
  await page.getByRole("button", { name: "Show: Number strip" }).click();
  await expect(region(page, "Number strip")).toBeVisible();
});

for (const hand of HANDS) {
  test(`two charts keep their own: twos on the one, fours on the other, by ${hand}`, async ({
    page,
    request,
  }) => {
    await prepare(page, request);
    for (const name of ["Chart", "The count so far"]) await addView(page, name);
    await press(hand, page.getByRole("tab", { name: "Numbers", exact: true }));
    await press(hand, setUp(page, "Chart 2"));
    await press(hand, page.getByRole("tab", { name: "Sharing" }));
    await press(hand, radio(page, "Its own"));
    await press(hand, page.getByRole("button", { name: "Teach" }));
    const on = (name: string, number: string) =>
      region(page, name).getByRole("gridcell", { name: new RegExp(`^${number}(,|$)`) });
    await press(hand, on("Chart", "2"));
    await press(hand, on("Chart 2", "4"));
    for (const number of ["8", "12"]) await press(hand, on("Chart 2", number));
    await expect(on("Chart 2", "8")).toHaveAccessibleName(/sun mark/);
    await expect(on("Chart", "8")).toHaveAccessibleName("8");
    await expect(on("Chart 2", "2")).toHaveAccessibleName("2");
    // The panel and the count speak of the chart that was touched last.
    await expect(panel(page, "numbers")).toContainText(/4,\s*8,\s*12/);
    await press(hand, page.getByRole("button", { name: "One jump on" }));
    await expect(on("Chart 2", "16")).toHaveAccessibleName(/in focus/);
    await clear(page, "Clear all marks", hand);
    await expect(on("Chart 2", "4")).toHaveAccessibleName("4");
    await expect(on("Chart", "2")).toHaveAccessibleName(/sun mark/);
    await press(hand, page.getByRole("button", { name: "Take back" }));
    await expect(on("Chart 2", "4")).toHaveAccessibleName(/sun mark/);
  });
}

test("of two lines that keep their own the one that is asked has the question, and the count stays on its own", async ({
  page,
  request,
}) => {
  await page.goto(`/lesson/${await addLesson(request, { name: "15-ten-times-as-far" })}`);
  const [boat, ferry] = [region(page, "Number line"), region(page, "Number line 2")];
  await ferry.getByRole("button", { name: "Read the scale" }).click();
  await expect(ferry.getByRole("button", { name: "Show its number" })).toBeVisible();
  await expect(boat.getByRole("button", { name: "Show its number" })).toHaveCount(0);
  // It is still ringed when another line is in hand, and after a reload.
  const asked = ferry.getByRole("gridcell", { name: /asked for/ });
  await expect(asked).toHaveCount(1);
  await boat.locator("[data-number='0']").first().click({ force: true });
  await expect(asked).toHaveCount(1);
  await page.reload();
  await expect(asked).toHaveCount(1);
  await ferry.getByRole("button", { name: "Show its number" }).click();
  // The boat's line ends at 100: a count on it goes no further, though the ferry's has the numbers.
  await boat.locator("[data-number='0']").first().click({ force: true });
  const on = page.getByRole("button", { name: "One jump on" });
  for (let jump = 0; jump < 10; jump += 1) await on.click();
  await expect(boat.locator("[data-number='100']").first()).toHaveAccessibleName(/in focus/);
  await on.click();
  await expect(boat.locator("[data-number='100']").first()).toHaveAccessibleName(/in focus/);
});
