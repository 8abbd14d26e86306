import { expect, type Page, test } from "@playwright/test";
import { HANDS, press } from "./support/hands";
import { addLesson, place } from "./support/lessons";

test.use({ hasTouch: true, storageState: { cookies: [], origins: [] } });

const button = (page: Page, name: string) => page.getByRole("button", { name, exact: true });
const offer = (page: Page) => page.getByRole("region", { name: "New here" });
const tries = (page: Page) => page.getByRole("region", { name: "Three things to try" });
const done = (page: Page) => tries(page).getByText(", done");
const sign = (page: Page) => page.locator("[data-sign-name]");

for (const hand of HANDS) {
  test(`the first visit offers three things to try, on a board of its own, by ${hand}`, async ({ page }) => {
    await page.goto("/");
    await press(hand, offer(page).getByRole("button", { name: "Try it" }));
    await expect(tries(page)).toBeVisible();
    await expect(done(page)).toHaveCount(0);
    if (hand === "keys") {
      await place(page, "24").focus();
      await page.keyboard.press("Enter");
    } else await press(hand, place(page, "24"));
    await expect(done(page)).toHaveCount(1);
    await press(hand, button(page, "Climb"));
    await expect(done(page)).toHaveCount(2);
    await press(hand, button(page, "Take back"));
    await expect(tries(page)).toContainText("That is how you teach with it.");
    await press(hand, tries(page).getByRole("button", { name: "Close" }));
    await expect(tries(page)).toHaveCount(0);
    // From then on nothing is offered.
    await page.goto("/");
    await expect(page.getByRole("button", { name: "More for A first board" }).first()).toBeVisible();
    await expect(offer(page)).toHaveCount(0);
  });
}

test("who has no wish to try is not asked again", async ({ page }) => {
  await page.goto("/");
  await button(page, "Not now").click();
  await expect(offer(page)).toHaveCount(0);
  await page.reload();
  await expect(button(page, "New lesson")).toBeVisible();
  await page.waitForTimeout(500);
  await expect(offer(page)).toHaveCount(0);
});

test("the offer stands on the shelf as it comes from the server, so that nothing moves under a finger", async ({
  page,
  context,
  request,
}) => {
  const comes = async (cookie: string) => {
    const answer = await request.get("/", { headers: { cookie } });
    return (await answer.text()).includes("New here?");
  };
  expect(await comes("")).toBe(true);
  expect(await comes("yellow-stair-first-visit=over")).toBe(false);
  // A browser that has let go of the cookie since still knows, and tells the server again.
  await page.goto("/");
  await page.evaluate(() => localStorage.setItem("yellow-stair-first-visit", "over"));
  await page.reload();
  await expect(offer(page)).toHaveCount(0);
  const kept = async () => (await context.cookies()).map(({ name, value }) => `${name}=${value}`);
  await expect.poll(kept).toContain("yellow-stair-first-visit=over");
});

test("a sign without words says what it is: under the mouse, with the keyboard, and at the first touch", async ({
  page,
  request,
}) => {
  const id = await addLesson(request, { title: "Signs" });
  await page.goto(`/lesson/${id}`);
  await expect(place(page, "24")).toBeVisible();
  await button(page, "Coral ink").hover();
  await expect(sign(page)).toHaveText("Coral ink");
  // A sign that has its word beneath it says no more, and a number is no sign.
  await button(page, "Climb").hover();
  await expect(sign(page)).toHaveCount(0);
  await place(page, "24").hover();
  await page.waitForTimeout(700);
  await expect(sign(page)).toHaveCount(0);

  await button(page, "One jump on").focus();
  await page.keyboard.press("Shift+Tab");
  await expect(sign(page)).toHaveText("Start the count");
  await page.keyboard.press("Escape");
  await expect(sign(page)).toHaveCount(0);

  await button(page, "Sea ink").tap();
  await expect(sign(page)).toHaveText("Sea ink");
  await expect(button(page, "Sea ink")).toHaveAttribute("aria-pressed", "true");
  await expect(sign(page)).toHaveCount(0);
  await button(page, "Sea ink").tap();
  await page.waitForTimeout(300);
  await expect(sign(page)).toHaveCount(0);
});
