import { expect, type Page, test } from "@playwright/test";
import { freePort, startServer } from "../scripts/lib/server.mjs";
import { HANDS, press } from "./support/hands";
import { demoLesson, LAMPS, place, question, saved } from "./support/lessons";

test.use({ hasTouch: true });

const button = (page: Page, name: string | RegExp) => page.getByRole("button", { name, exact: true });
const screenOf = (page: Page) => page.getByRole("main", { name: "Class screen" });

test("a lesson from a recipe, changed, taught on two windows while the server is away, and carried on with another class", async ({
  page,
  context,
}) => {
  const port = await freePort();
  const database = `file:./.tmp/whole-${port}.db`;
  let server = await startServer({ port, database });
  try {
    await context.addCookies([{ name: "yellow-stair-first-visit", value: "over", url: server.address }]);
    await test.step("made from a recipe", async () => {
      await page.goto(server.address);
      await button(page, "Make the first lesson").click();
      const dialog = page.getByRole("dialog");
      await dialog.getByRole("textbox", { name: "Title" }).fill("Buoys in sixes");
      await dialog.getByRole("textbox", { name: "Class" }).fill("Heron class");
      await dialog.getByRole("radio", { name: "Count and predict", exact: true }).click();
      await dialog.getByRole("textbox", { name: "Count in" }).fill("6");
      await dialog.getByRole("textbox", { name: "Up or down to" }).fill("60");
      await dialog.getByRole("textbox", { name: "Cover the last" }).fill("2");
      await button(page, "Make the lesson").click();
      await expect(page).toHaveURL(/prepare/);
    });
    await test.step("changed", async () => {
      const steps = page.getByRole("region", { name: "Steps" });
      await steps.getByRole("button", { name: /^More for step 1/ }).click();
      await page.getByRole("menuitem", { name: "Change the words" }).click();
      await page.getByRole("textbox", { name: "Question" }).fill("Which buoy comes next?");
      await page.getByRole("textbox", { name: "Your note" }).fill("Wait for three hands.");
      await page
        .getByRole("dialog")
        .getByRole("button", { name: /^(Save|Keep|Change)/ })
        .click();
      await saved(page);
      await button(page, "Teach").click();
    });
    const [screen] = await Promise.all([
      context.waitForEvent("page"),
      (async () => {
        await button(page, "More").click();
        await page.getByRole("menuitem", { name: "Class screen" }).click();
      })(),
    ]);
    await test.step("taught on two windows, the server away and back", async () => {
      await button(page, "Climb").click();
      await expect(screenOf(screen)).toContainText("Which buoy comes next?");
      await expect(page.getByText("Wait for three hands.")).toBeVisible();
      expect(await screenOf(screen).textContent()).not.toContain("Wait for");
      await server.stop();
      await button(page, "Climb").click();
      await expect(screenOf(screen)).toContainText("The next 2 numbers are covered. Which are they?");
      // What is marked by hand is on both; what the server's being away means is on neither.
      for (const number of ["33", "34"]) await place(page, number).tap();
      await expect(place(page, /^33, .*mark/)).toBeVisible();
      await expect.poll(() => screen.locator('[fill="var(--color-sun)"]').count()).toBeGreaterThan(1);
      expect(await screenOf(screen).textContent()).not.toMatch(/not answer|Something for you|missed/);
      server = await startServer({ port, database });
      await button(page, "Climb").click();
      await expect(screenOf(screen)).not.toContainText("The next 2 numbers are covered. Which are they?");
    });
    await test.step("stopped, and begun with another class", async () => {
      // The sitting is kept once the server is back.
      await expect
        .poll(
          async () => (await (await page.request.get(`${server.address}/`)).text()).includes("to step 3"),
          {
            timeout: 30_000,
          },
        )
        .toBe(true);
      await page.close();
      await screen.close();
      const other = await context.newPage();
      await other.goto(server.address);
      await other.getByRole("link", { name: "Buoys in sixes" }).click();
      await expect(button(other, "Carry on at step 3")).toBeVisible();
      await button(other, "More").click();
      await other.getByRole("menuitem", { name: "Teach another class" }).click();
      await other.getByRole("textbox", { name: "Class" }).fill("Tern class");
      await other.getByRole("dialog").getByRole("button", { name: "From the beginning" }).click();
      await expect(other.getByText("Tern class", { exact: true })).toBeVisible();
      await expect(other.getByRole("gridcell", { name: /mark/ })).toHaveCount(0);
      await button(other, "Climb").click();
      await expect(question(other).getByText("Which buoy comes next?")).toBeVisible();
    });
  } finally {
    await server.stop();
  }
});

for (const hand of HANDS) {
  test(`forty boards stay in reach by ${hand}, and it is seen that there are more`, async ({
    page,
    request,
  }) => {
    const lesson = demoLesson(LAMPS);
    const boards = Array.from({ length: 40 }, (_, i) => ({
      ...lesson.boards[i % 3],
      id: `b${i}`,
      title: `Buoy ${i + 1}`,
    }));
    const answer = await request.post("/api/lessons", {
      data: { lesson: { ...lesson, title: `Forty boards by ${hand}`, boards } },
    });
    const { id } = await answer.json();
    await page.goto(`/lesson/${id}`);
    await expect(place(page, "24")).toBeVisible();
    const tab = (n: number) => button(page, `${n} Buoy ${n}`);
    await expect(tab(1)).toHaveAttribute("aria-current", "page");
    await expect(tab(40)).not.toBeInViewport();
    if (hand === "keys") {
      await tab(1).focus();
      for (let n = 1; n < 40; n += 1) await page.keyboard.press("Tab");
      await expect(tab(40)).toBeFocused();
      await page.keyboard.press("Enter");
    } else if (hand === "mouse") {
      await tab(2).hover();
      await expect(async () => {
        await page.mouse.wheel(0, 2000);
        await expect(tab(40)).toBeInViewport({ timeout: 500 });
      }).toPass();
      await tab(40).click();
    } else {
      await expect(async () => {
        await button(page, "Later boards").tap();
        await expect(tab(40)).toBeInViewport({ timeout: 500 });
      }).toPass();
      await tab(40).tap();
    }
    await expect(tab(40)).toHaveAttribute("aria-current", "page");
    await expect(button(page, "Earlier boards")).toBeVisible();
    await expect(button(page, "Later boards")).toHaveCount(0);
    // As true pictures too, the last one among them.
    await button(page, "Prepare").click();
    await button(page, "More").click();
    await page.getByRole("menuitem", { name: "All boards" }).click();
    const cards = page.getByRole("list", { name: "Boards in order" }).getByRole("listitem");
    await expect(cards).toHaveCount(40);
    await cards.nth(39).scrollIntoViewIfNeeded();
    await expect(cards.nth(39).locator("svg text").first()).toBeVisible();
    await press(hand, cards.nth(0).getByRole("button", { name: /^1 Buoy 1/ }));
    await expect(tab(1)).toHaveAttribute("aria-current", "page");
  });
}
