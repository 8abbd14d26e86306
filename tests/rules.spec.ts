import { expect, type Page, test } from "@playwright/test";
import { addLesson, place } from "./support/lessons";
import { pressOnRail } from "./support/rail";

const choose = async (page: Page, label: string, option: string) => {
  await page.getByRole("combobox", { name: label }).last().click();
  await page.getByRole("option", { name: option, exact: true }).click();
};
const sun = (page: Page) => page.getByRole("gridcell", { name: /sun/ });

test("two patterns by rule: their numbers counted, an exception by touch, and what they share", async ({
  page,
  request,
}) => {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}?prepare`);
  await page.getByRole("tab", { name: "Marks", exact: true }).click();
  await page.getByLabel("Multiples of").fill("6");
  await expect(page.getByText("16 numbers: 6, 12, 18")).toBeVisible();
  await page.getByRole("button", { name: "Mark in sun" }).click();
  await expect(sun(page)).toHaveCount(16);

  await page.getByRole("button", { name: "Sea ink" }).click();
  await choose(page, "What the numbers are", "the ones digit");
  await page.getByRole("button", { name: "Mark in sea" }).click();
  await expect(page.getByText("24, 54 and 84 have both marks, sun and sea.")).toBeVisible();

  await place(page, "24, sun and sea marks").click();
  await expect(page.getByText("except 24, by touch")).toBeVisible();
  await expect(page.getByText("54 and 84 have both marks, sun and sea.")).toBeVisible();

  // The marks are rules: a longer chart has more of them.
  await page.getByRole("tab", { name: "Numbers", exact: true }).click();
  await page.getByLabel("Rows", { exact: true }).fill("12");
  await expect(sun(page)).toHaveCount(20);
  await page.getByRole("tab", { name: "Marks", exact: true }).click();
  await page.getByRole("button", { name: "Take off: multiples of 6" }).click();
  await expect(sun(page)).toHaveCount(0);
  await page.getByRole("button", { name: "Take back" }).click();
  await expect(sun(page)).toHaveCount(20);
});

test("conditions joined: and also, or, are not; the rest; bad numbers are told", async ({
  page,
  request,
}) => {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}`);
  await pressOnRail(page, "By rule");
  await page.getByLabel("Multiples of").fill("3");
  await page.getByRole("button", { name: "Another condition" }).click();
  await expect(page.getByText("numbers that are multiples of 3 and are even")).toBeVisible();
  await expect(page.getByText("16 numbers")).toBeVisible();
  await choose(page, "Are or are not", "are not");
  await expect(page.getByText("17 numbers")).toBeVisible();
  await page.getByRole("radio", { name: "or" }).click();
  await expect(page.getByText("numbers that are multiples of 3 or are not even")).toBeVisible();
  await page.getByRole("button", { name: "Mark in sun" }).click();
  await expect(sun(page)).toHaveCount(66);
  await page.getByRole("button", { name: "Kelp ink" }).click();
  await page.getByRole("button", { name: "Mark the rest" }).click();
  await expect(page.getByRole("gridcell", { name: /kelp/ })).toHaveCount(34);
  await page.getByLabel("Multiples of").first().fill("0");
  await expect(page.getByText("Write a number above 0.")).toBeVisible();
  await page.getByRole("button", { name: "Make them stand out" }).click();
  await expect(page.getByRole("gridcell", { name: /standing out/ })).toHaveCount(66);
});

test("covers: all, marked, by rule, at random and the same again, lifted all", async ({ page, request }) => {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}`);
  const covered = page.getByRole("gridcell", { name: "covered" });
  const atRandom = async () => {
    await pressOnRail(page, "By rule");
    await page.getByRole("tab", { name: "Covers", exact: true }).click();
    await page.getByLabel("At random").fill("7");
    await page.getByRole("button", { name: "Cover this many" }).click();
    await expect(covered).toHaveCount(7);
    return covered.evaluateAll((places) => places.map((one) => one.getAttribute("data-cell")));
  };
  const first = await atRandom();
  await page.getByRole("button", { name: "Take back" }).click();
  await expect(covered).toHaveCount(0);
  // Another window on the same lesson draws the same.
  const other = await page.context().newPage();
  await other.goto(`/lesson/${id}`);
  await pressOnRail(other, "By rule");
  await other.getByRole("tab", { name: "Covers", exact: true }).click();
  await other.getByLabel("At random").fill("7");
  await other.getByRole("button", { name: "Cover this many" }).click();
  const again = other.getByRole("gridcell", { name: "covered" });
  await expect(again).toHaveCount(7);
  expect(await again.evaluateAll((all) => all.map((one) => one.getAttribute("data-cell")))).toEqual(first);
  await other.close();

  await page.getByRole("button", { name: "Cover all" }).click();
  await expect(covered).toHaveCount(100);
  await page.getByRole("button", { name: "Lift them" }).click();
  await expect(covered).toHaveCount(90);
  await page.getByRole("button", { name: "Lift all" }).click();
  await expect(covered).toHaveCount(0);
  await page.getByLabel("At random").fill("6");
  await page.getByRole("button", { name: "Leave this many" }).click();
  await expect(covered).toHaveCount(94);
  await page.getByRole("button", { name: "Take back" }).click();
  await expect(covered).toHaveCount(0);
  await place(page, "5").click();
  await page.getByRole("button", { name: "Cover unmarked" }).click();
  await expect(covered).toHaveCount(99);
});

test("the rules take the room of the keypad when they are asked for, and give it back", async ({
  page,
  request,
}) => {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}`);
  await page.getByRole("button", { name: "Write", exact: true }).click();
  await expect(page.getByRole("region", { name: "Write" })).toBeVisible();
  await pressOnRail(page, "By rule");
  await expect(page.getByRole("complementary", { name: "By rule" })).toBeVisible();
  await expect(page.getByRole("region", { name: "Write" })).toHaveCount(0);
  await pressOnRail(page, "By rule");
  await expect(page.getByRole("complementary", { name: "By rule" })).toHaveCount(0);
});

for (const size of [
  { width: 1280, height: 800 },
  { width: 1024, height: 768 },
])
  test(`what covers by a rule is in sight, and no field has the keyboard under it, at ${size.width} × ${size.height}`, async ({
    page,
    request,
  }) => {
    await page.setViewportSize(size);
    await page.goto(`/lesson/${await addLesson(request)}?prepare`);
    await page.getByRole("tab", { name: "Covers", exact: true }).click();
    const act = page.getByRole("button", { name: "Cover them", exact: true });
    await expect(act).toBeInViewport({ ratio: 0.99 });
    await page.getByRole("button", { name: "Another condition" }).focus();
    for (const name of ["Only the first, optional", "Counted from"]) {
      await page.keyboard.press("Tab");
      const field = page.getByRole("textbox", { name, exact: true });
      await expect(field).toBeFocused();
      const [{ y, height }, { y: below }] = [(await field.boundingBox())!, (await act.boundingBox())!];
      expect(y + height).toBeLessThanOrEqual(below);
    }
  });
