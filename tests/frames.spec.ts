import { expect, type Page, test } from "@playwright/test";
import { carry, HANDS, press } from "./support/hands";
import { addLesson, climb, lessonWith, openBoard } from "./support/lessons";

const view = (page: Page) => page.getByRole("region", { name: "Ten frames" });
const cell = (page: Page, index: number) => view(page).locator(`[data-cell="${index}"]`);
const line = (page: Page, index: number) => view(page).locator(`[data-line="${index}"]`);
const frames = (page: Page, name: string) => view(page).getByRole("img", { name, exact: true });

test.use({ hasTouch: true });

const FRAMES = {
  kind: "frames",
  frames: 2,
  shape: "wide",
  counts: "hand",
  first: "8",
  second: "6",
  ink: "sun",
  otherInk: "coral",
  writing: "shown",
  pairs: "sums",
};

for (const hand of HANDS) {
  test(`by ${hand}: counters are laid and taken, and the second frame fills the first`, async ({
    page,
    request,
  }) => {
    await page.goto(`/lesson/${await lessonWith(request, [FRAMES])}`);
    await expect(frames(page, "Frames, 14 counters")).toBeVisible();
    await expect(line(page, 0)).toHaveText("8+6=14");
    await press(hand, cell(page, 8));
    await expect(line(page, 0)).toHaveText("9+6=15");
    // The last counter goes at a touch.
    await press(hand, cell(page, 8));
    await expect(line(page, 0)).toHaveText("8+6=14");
    await press(hand, cell(page, 14));
    await expect(line(page, 0)).toHaveText("8+5=13");
    await press(hand, cell(page, 15));
    await press(hand, view(page).getByRole("button", { name: "Fill the ten" }));
    await expect(line(page, 0)).toHaveText("8+6=8+2+4");
    await expect(line(page, 1)).toHaveText("=10+4");
    await expect(line(page, 2)).toHaveText("=14");
    await expect(frames(page, "Frames, 14 counters")).toBeVisible();
    await page.getByRole("button", { name: "Take back" }).click();
    await expect(line(page, 0)).toHaveText("8+6=14");
    // Another pair that makes the same.
    await press(hand, view(page).getByRole("button", { name: "9 + 5 = 14" }));
    await expect(line(page, 0)).toHaveText("9+5=14");
    await expect(view(page).getByRole("button", { name: "9 + 5 = 14, in hand" })).toBeVisible();
  });
}

test("the arrow keys go from cell to cell, and climb nothing", async ({ page, request }) => {
  await page.goto(`/lesson/${await lessonWith(request, [FRAMES])}`);
  await cell(page, 0).focus();
  for (const key of ["ArrowDown", "ArrowRight", "ArrowRight", "ArrowRight"]) await page.keyboard.press(key);
  await expect(cell(page, 8)).toBeFocused();
  await page.keyboard.press("Enter");
  await expect(line(page, 0)).toHaveText("9+6=15");
});

for (const hand of ["touch", "mouse"] as const) {
  test(`by ${hand}: a counter is carried from the second frame to the first`, async ({ page, request }) => {
    await page.goto(`/lesson/${await lessonWith(request, [FRAMES])}`);
    await carry(hand, page, cell(page, 15), cell(page, 8));
    await carry(hand, page, cell(page, 14), cell(page, 9));
    await expect(line(page, 1)).toHaveText("=10+4");
  });
}

test("the hidden part of a whole is worked out and written; nothing tells it before", async ({
  page,
  request,
}) => {
  await page.goto(`/lesson/${await addLesson(request, { name: "18-filling-the-ferry" })}`);
  await openBoard(page, /below deck/);
  await climb(page);
  await expect(frames(page, "Frames, a part covered")).toBeVisible();
  await expect(line(page, 0)).toHaveText("6+=9");
  // The cover lies on no counter that is shown.
  const box = async (of: ReturnType<typeof cell>) => (await of.boundingBox())!;
  const shown = await Promise.all([0, 1, 2, 3, 4, 5].map((index) => box(cell(page, index))));
  for (const cover of await view(page).locator("button[data-part=second]").all()) {
    const { x, y, width, height } = await box(cover);
    for (const one of shown)
      expect(
        x >= one.x + one.width - 1 ||
          x + width <= one.x + 1 ||
          y >= one.y + one.height - 1 ||
          y + height <= one.y + 1,
      ).toBe(true);
  }
  const write = async (digit: string) => {
    await view(page).getByRole("button", { name: "Write it" }).click();
    await page.getByRole("button", { name: digit, exact: true }).click();
    await page.getByRole("dialog").getByRole("button", { name: "Write it" }).click();
  };
  await write("4");
  await expect(view(page).locator("[data-part=wrote]")).toHaveText("4");
  await expect(line(page, 0)).toHaveText("6+=94");
  await write("3");
  await expect(line(page, 0)).toHaveText("6+3=9");
  await expect(frames(page, "Frames, 9 counters")).toBeVisible();
});

test("frames filled from the focus read ten and some more", async ({ page, request }) => {
  await page.goto(`/lesson/${await addLesson(request, { name: "18-filling-the-ferry" })}`);
  await openBoard(page, /Ten and some more/);
  for (let i = 0; i < 3; i += 1) await climb(page);
  await expect(frames(page, "Frames, 13 counters")).toBeVisible();
  await expect(line(page, 0)).toHaveText("13=10+3");
});
