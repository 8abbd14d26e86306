import { expect, type Page, test } from "@playwright/test";
import { HANDS, press } from "./support/hands";
import { addLesson, place, question } from "./support/lessons";

test.use({ hasTouch: true });

const button = (page: Page, name: string | RegExp) => page.getByRole("button", { name, exact: true });
const band = (page: Page) => page.getByRole("region", { name: "Begun before" });
/** What a class is taught has been kept; a save of another class may still be under way. */
const kept = (page: Page, forClass = "Heron class") =>
  page.waitForResponse(
    (answer) =>
      answer.url().includes("/sitting") &&
      answer.request().method() === "PUT" &&
      answer.request().postDataJSON().forClass === forClass,
  );

/** A lesson taught as far as the second step of its third board, with 33 marked by hand. */
async function taught(page: Page, id: string) {
  await page.goto(`/lesson/${id}`);
  await expect(place(page, "24")).toBeVisible();
  await page.getByRole("button", { name: "3 Which post comes next" }).click();
  await button(page, "Climb").click();
  await button(page, "Climb").click();
  const sent = kept(page);
  await place(page, "33").click();
  expect((await sent).status()).toBe(200);
}

for (const hand of HANDS) {
  test(`a lesson is carried on where it stopped, or begun again, by ${hand}`, async ({
    page,
    context,
    request,
  }) => {
    const id = await addLesson(request, { title: `Carried on with ${hand}` });
    await taught(page, id);
    // Another day: a window that knows nothing of it.
    const other = await context.newPage();
    await other.goto("/");
    await expect(
      other
        .getByRole("listitem")
        .filter({ hasText: `Carried on with ${hand}` })
        .first(),
    ).toContainText("taught today, to step 2 of board 3");
    await other.goto(`/lesson/${id}`);
    await expect(band(other)).toContainText("Heron class stopped at step 2 of board 3 today.");
    await press(hand, button(other, "Carry on at step 2 of board 3"));
    await expect(question(other).getByText("It was 54. And the one after that?")).toBeVisible();
    await expect(place(other, /^33, sun mark/)).toBeVisible();
    await expect(band(other)).toHaveCount(0);

    const third = await context.newPage();
    await third.goto(`/lesson/${id}`);
    await press(hand, button(third, "From the beginning"));
    await expect(band(third)).toHaveCount(0);
    await expect(button(third, "1 How the chart is built")).toHaveAttribute("aria-current", "page");
    await press(hand, button(third, "Carry on instead"));
    await expect(question(third).getByText("It was 54. And the one after that?")).toBeVisible();
  });
}

test("each class has a sitting of its own, and none takes from another", async ({
  page,
  context,
  request,
}) => {
  const id = await addLesson(request, { title: "Two classes" });
  await taught(page, id);
  await button(page, "More").click();
  await page.getByRole("menuitem", { name: "Teach another class" }).click();
  await button(page, "From the beginning").click();
  await expect(page.getByText("Write which class.")).toBeVisible();
  await page.getByRole("textbox", { name: "Class" }).fill("Tern class");
  await button(page, "From the beginning").click();
  await expect(button(page, "1 How the chart is built")).toHaveAttribute("aria-current", "page");
  await expect(page.getByText("Tern class", { exact: true })).toBeVisible();
  const sent = kept(page, "Tern class");
  await button(page, "Climb").click();
  await sent;
  const other = await context.newPage();
  await other.goto(`/lesson/${id}`);
  await expect(band(other)).toContainText("This lesson was begun before.");
  await button(other, "Heron class: step 2 of board 3, today").click();
  await expect(question(other).getByText("It was 54. And the one after that?")).toBeVisible();
  await expect(place(other, /^33, sun mark/)).toBeVisible();
  // And back to the other class in the same window.
  await button(other, "More").click();
  await other.getByRole("menuitem", { name: "Teach another class" }).click();
  await button(other, /^Tern class/).click();
  await expect(question(other).getByText("How many are in each row?")).toBeVisible();
  await expect(place(other, /^33, sun mark/)).toHaveCount(0);
});

test("whoever simply teaches has begun again; preparing is no sitting", async ({
  page,
  context,
  request,
}) => {
  const id = await addLesson(request, { title: "Only prepared" });
  await page.goto(`/lesson/${id}?prepare`);
  await expect(place(page, "24")).toBeVisible();
  await place(page, "33").click();
  await button(page, "Take back").click();
  const other = await context.newPage();
  await other.goto(`/lesson/${id}`);
  await expect(place(other, "24")).toBeVisible();
  await expect(band(other)).toHaveCount(0);
  await taught(other, id);
  const third = await context.newPage();
  await third.goto(`/lesson/${id}`);
  await expect(band(third)).toBeVisible();
  await place(third, "44").click();
  await expect(band(third)).toHaveCount(0);
});

test("a sitting that is none is refused, and so is one of no lesson", async ({ request }) => {
  const id = await addLesson(request, { title: "Refused sittings" });
  const put = (of: string, data: object) => request.put(`/api/lessons/${of}/sitting`, { data });
  expect(
    (
      await put(id, { forClass: "Heron class", where: { at: "x", boards: { x: { climbed: -1, live: [] } } } })
    ).status(),
  ).toBe(400);
  expect((await put(id, { forClass: "x".repeat(61), where: null })).status()).toBe(400);
  expect((await put("no-such-lesson", { forClass: "", where: null })).status()).toBe(404);
  expect((await put(id, { forClass: "", where: { at: "built", boards: {} } })).status()).toBe(200);
  expect((await request.get(`/api/lessons/${id}/sitting?class=`)).status()).toBe(200);
  expect((await put(id, { forClass: "", where: null })).status()).toBe(200);
  expect((await request.get(`/api/lessons/${id}/sitting?class=`)).status()).toBe(404);
});

test("after a reload what was done is still taken back one act after the other", async ({
  page,
  request,
}) => {
  await page.goto(`/lesson/${await addLesson(request)}`);
  for (const number of ["48", "58"]) await place(page, number).click();
  await page.reload();
  const back = page.getByRole("button", { name: "Take back" });
  await back.click();
  await expect(place(page, "58")).toBeVisible();
  await expect(place(page, /^48, sun mark/)).toBeVisible();
  await back.click();
  await expect(place(page, "48")).toBeVisible();
  await expect(back).toBeDisabled();
});
