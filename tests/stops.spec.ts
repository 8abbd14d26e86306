import { expect, type Page, test } from "@playwright/test";
import { HANDS, press } from "./support/hands";
import { addLesson, climb, openBoard, question } from "./support/lessons";

const JARS = "16-jars-past-the-hundred";
const view = (page: Page) => page.getByRole("region", { name: "Stops of the count" });
const part = (page: Page, name: string) => view(page).locator(`[data-part="${name}"]`);

test.use({ hasTouch: true });

async function open(page: Page, request: Parameters<typeof addLesson>[0], prepare = false) {
  await page.goto(`/lesson/${await addLesson(request, { name: JARS })}${prepare ? "?prepare" : ""}`);
  await openBoard(page, /Was there an exchange/);
}

for (const hand of HANDS) {
  test(`by ${hand}: at each stop it is shown what was exchanged, or how many more are wanting`, async ({
    page,
    request,
  }) => {
    await open(page, request);
    await expect(part(page, "exchange-1")).toHaveText("");
    await press(hand, part(page, "exchange-1"));
    await expect(part(page, "exchange-1")).toHaveText("10 ones→1 ten");
    await press(hand, part(page, "exchange-3"));
    await expect(part(page, "exchange-3")).toHaveText("7 more ones");
    await press(hand, part(page, "exchange-4"));
    await expect(part(page, "exchange-4")).toHaveText("10 ones→1 ten10 tens→1 hundred");
    await page.getByRole("button", { name: "Take back" }).click();
    await expect(part(page, "exchange-4")).toHaveText("");
    // What is shown can be marked on the line, and no more than that.
    await press(hand, view(page).getByRole("button", { name: "Mark the exchanges" }));
    await expect(page.getByRole("gridcell", { name: "250, sun mark", exact: true })).toBeVisible();
    await expect(page.getByRole("gridcell", { name: /300.*mark/ })).toHaveCount(0);
    // Any part can be covered, and a touch on the number talks about it.
    await press(hand, part(page, "number-2"));
    await expect(page.getByRole("gridcell", { name: "280, in focus", exact: true })).toBeVisible();
    await press(hand, page.getByRole("button", { name: "Cover", exact: true }));
    await press(hand, part(page, "pieces-2"));
    await expect(view(page).getByRole("button", { name: "Pieces of stop 2, covered" })).toBeVisible();
  });
}

test("the questions of the stops become steps, with answers that are worked out", async ({
  page,
  request,
}) => {
  await open(page, request, true);
  await page.getByRole("tab", { name: "Views", exact: true }).click();
  await page.getByRole("tab", { name: "Stops of the count" }).click();
  await page.getByRole("button", { name: "Add a step for each stop" }).click();
  await expect(page.getByText("6 steps added at the top of the stair.")).toBeVisible();
  for (let step = 0; step < 8; step += 1) await climb(page);
  // The steps below the board name the question too.
  const asked = question(page);
  await expect(asked.getByText("Was there an exchange at 293?")).toBeVisible();
  await page.getByRole("button", { name: "Show answer" }).click();
  await expect(page.getByText("No: 7 more ones until the next exchange")).toBeVisible();
});
