import { expect, type Page, test } from "@playwright/test";
import { HANDS, press } from "./support/hands";
import { addLesson, place, saved } from "./support/lessons";

test.use({ hasTouch: true });

const button = (page: Page, name: string | RegExp) => page.getByRole("button", { name, exact: true });
const dialog = (page: Page) => page.getByRole("dialog", { name: "Earlier versions" });
const list = (page: Page) => dialog(page).getByRole("list", { name: "Versions, the latest first" });

async function look(page: Page) {
  await button(page, "More").click();
  await page.getByRole("menuitem", { name: "Earlier versions" }).click();
  await expect(dialog(page)).toBeVisible();
}

for (const hand of HANDS) {
  test(`a lesson is as it was before it was prepared, and back again, with ${hand}`, async ({
    page,
    request,
  }) => {
    const id = await addLesson(request, { title: `Restored with ${hand}` });
    await page.goto(`/lesson/${id}?prepare`);
    await expect(place(page, "24")).toBeVisible();
    await page.getByRole("textbox", { name: "In each row" }).fill("7");
    await page.getByRole("textbox", { name: "In each row" }).press("Tab");
    await expect(page.getByRole("row").nth(1).getByRole("gridcell")).toHaveCount(7);
    await saved(page);
    await look(page);
    await expect(list(page).getByRole("button")).toHaveCount(1);
    await expect(list(page)).toContainText("today at");
    await expect(dialog(page).getByRole("region", { name: "This version" })).toContainText(
      "How the chart is built",
    );
    await press(hand, button(page, "Restore this version"));
    await expect(page.getByRole("row").nth(1).getByRole("gridcell")).toHaveCount(10);
    // Restoring is taken back the same way.
    await look(page);
    await expect(list(page).getByRole("button")).toHaveCount(2);
    await press(hand, list(page).getByRole("button").first());
    await press(hand, button(page, "Restore this version"));
    await expect(page.getByRole("row").nth(1).getByRole("gridcell")).toHaveCount(7);
  });
}

test("versions are looked at from the shelf; of a lesson that was never changed there are none", async ({
  page,
  request,
}) => {
  await addLesson(request, { title: "Never changed" });
  await page.goto("/");
  await button(page, "More for Never changed").click();
  await page.getByRole("menuitem", { name: "Earlier versions" }).click();
  await expect(dialog(page)).toContainText("There is none yet");
  await expect(button(page, "Restore this version")).toBeDisabled();
});

test("a version of no lesson is refused; no page of another site restores one", async ({ request }) => {
  const id = await addLesson(request, { title: "No such version" });
  const at = `/api/lessons/${id}/versions/99999`;
  expect((await request.get(at)).status()).toBe(404);
  expect((await request.post(at, { data: { saveName: "w" } })).status()).toBe(404);
  expect((await request.post(at, { data: {} })).status()).toBe(400);
  const foreign = { "sec-fetch-site": "cross-site" };
  expect((await request.post(at, { data: { saveName: "w" }, headers: foreign })).status()).toBe(403);
});
