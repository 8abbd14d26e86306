import { expect, type Locator, type Page, test } from "@playwright/test";
import { addLesson, LAMPS } from "./support/lessons";

// Without motion: what opens stands where it is measured.
test.use({ hasTouch: true, contextOptions: { reducedMotion: "reduce" } });

type Spot = { x: number; y: number };
const middleOf = async (on: Locator): Promise<Spot> => {
  const { x, y, width, height } = (await on.boundingBox())!;
  return { x: x + width / 2, y: y + height / 2 };
};

/** Two presses on one spot, so soon after each other, in milliseconds, as a double tap of a hand. */
async function twice(page: Page, hand: "mouse" | "touch", { x, y }: Spot, apart: number) {
  for (const wait of [apart, 0]) {
    await (hand === "mouse" ? page.mouse.click(x, y) : page.touchscreen.tap(x, y));
    await page.waitForTimeout(wait);
  }
}

for (const hand of ["mouse", "touch"] as const) {
  for (const apart of [0, 120]) {
    test(`a double tap in a menu does its thing once, and nothing beneath it: by ${hand}, ${apart} ms apart`, async ({
      page,
      request,
    }) => {
      const title = `Twice ${hand} ${apart} ${Date.now()}`;
      await addLesson(request, { title });
      await page.goto(`/?find=${encodeURIComponent(title)}`);
      await page.getByRole("button", { name: `More for ${title}` }).click();
      const asked = page.waitForResponse((answer) => answer.request().method() === "POST");
      await twice(page, hand, await middleOf(page.getByRole("menuitem", { name: "Duplicate" })), apart);
      await asked;
      await expect(page.getByText(`“${title}” duplicated.`)).toBeVisible();
      await expect(page.getByRole("listitem").filter({ hasText: title })).toHaveCount(2);
      await expect(page).toHaveURL(/find=/);
    });
  }
}

test("a double tap that closes a window marks nothing on the board beneath it", async ({ page, request }) => {
  await page.goto(`/lesson/${await addLesson(request, { name: LAMPS })}`);
  const marked = page.getByRole("gridcell", { name: /mark/ });
  await expect(page.getByRole("gridcell").first()).toBeVisible();
  const before = await marked.count();
  const dialog = page.getByRole("dialog");
  const square = await middleOf(page.getByRole("gridcell").first());
  for (const [where, apart] of [
    ["close", 0],
    ["close", 100],
    ["close", 250],
    ["beside", 100],
  ] as const) {
    await page.keyboard.press("?");
    await expect(dialog).toBeVisible();
    const close = await middleOf(dialog.getByRole("button", { name: "Close" }));
    await twice(page, "touch", where === "close" ? close : square, apart);
    await expect(dialog).toHaveCount(0);
    expect(await marked.count()).toBe(before);
    await expect(page.getByRole("button", { name: "Take back" })).toBeDisabled();
    // The next press is none of these two.
    await page.waitForTimeout(400);
  }
  // A press of its own, later or elsewhere, is one.
  await page.getByRole("gridcell").nth(12).tap();
  await expect(marked).toHaveCount(before + 1);
});

test("a press on a list that a key has opened anew is no second press, however soon", async ({
  page,
  request,
}) => {
  await page.goto(`/lesson/${await addLesson(request, { name: LAMPS })}`);
  await expect(page.getByRole("gridcell").first()).toBeVisible();
  const find = page.getByRole("dialog", { name: "Find a command" });
  for (const step of [1, 2, 3]) {
    await page.keyboard.press("Control+k");
    const { x, y } = await middleOf(find.getByRole("option", { name: "Climb to the next step" }));
    await page.mouse.click(x, y);
    await expect(find).toBeHidden();
    await expect(page.getByRole("img", { name: `Step ${step} of` })).toBeVisible();
  }
});

for (const hand of ["mouse", "touch"] as const) {
  for (const apart of [0, 120]) {
    test(`a double tap on what opens a list leaves it open, the first time and later: by ${hand}, ${apart} ms apart`, async ({
      page,
      request,
    }) => {
      const title = `Opened ${hand} ${apart} ${Date.now()}`;
      await addLesson(request, { title });
      await page.goto(`/?find=${encodeURIComponent(title)}`);
      await expect(page.getByRole("listitem")).toHaveCount(1);
      for (const [opener, list] of [
        [page.getByRole("button", { name: `More for ${title}` }), page.getByRole("menu")],
        [page.getByRole("combobox", { name: "Order of the lessons" }), page.getByRole("listbox")],
      ] as const) {
        for (const _time of ["first", "second"]) {
          await twice(page, hand, await middleOf(opener), apart);
          await expect(list).toBeVisible();
          // It does not shut a moment later.
          await page.waitForTimeout(300);
          await expect(list).toBeVisible();
          await page.keyboard.press("Escape");
          await expect(list).toHaveCount(0);
        }
      }
    });
  }
}
