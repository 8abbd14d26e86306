import { expect, test } from "@playwright/test";
import { addLesson, openBoard, panel, place, saved } from "./support/lessons";

test("the lesson by keyboard and clicker: climbed, counted, marked, covered, lifted, kept", async ({
  page,
  request,
}) => {
  const id = await addLesson(request, { climbEvery: 5 });
  await page.goto(`/lesson/${id}`);
  await openBoard(page, /Every sixth post/);
  const press = async (...keys: string[]) => {
    for (const key of keys) await page.keyboard.press(key);
  };

  await press("PageDown", "ArrowRight", " ");
  await expect(page.getByRole("img", { name: "Step 2 of 7" })).toBeVisible();
  await press("PageUp", "ArrowLeft");
  await expect(page.getByRole("img", { name: "At the start of 7 steps" })).toBeVisible();

  await press(".", ".", ".", ",");
  await expect(panel(page, "sentence")).toHaveText("2 × 6 = 12");
  await press("g");
  await expect(panel(page, "sentence")).toHaveText("3 × 6 = 18");
  await press("g");
  await expect(page.getByRole("button", { name: "Start the count" })).toBeVisible();

  await page.getByRole("gridcell").first().focus();
  await press("ArrowDown", "ArrowRight", "Enter");
  await expect(place(page, "12, sun mark, in focus")).toBeFocused();
  await press("3", "ArrowRight", " ");
  await expect(place(page, "13, sea mark, in focus")).toBeFocused();
  await press("c", "ArrowRight", "Enter");
  await expect(page.locator("[data-cell='13']")).toHaveAccessibleName("covered");
  await press("l", "Enter");
  await expect(place(page, "14")).toBeFocused();
  await press("Escape", "z");
  await expect(page.locator("[data-cell='13']")).toHaveAccessibleName("covered");
  await press("Shift+Z");
  await expect(page.locator("[data-cell='13']")).toHaveAccessibleName("14");
  await press("Control+z");
  await expect(page.locator("[data-cell='13']")).toHaveAccessibleName("covered");
  await press("Control+Shift+Z", "Control+z", "Control+y");
  await expect(page.locator("[data-cell='13']")).toHaveAccessibleName("14");

  await press("k");
  await page.getByLabel("Title").fill("c, l, m and 1 are letters here");
  await press("Enter");
  await expect(page.getByRole("img", { name: "Step 1 of 8" })).toBeVisible();
  await place(page, "99").click();
  await press("Backspace");
  await expect(place(page, "99")).toBeVisible();
  await saved(page);

  await press("?");
  await expect(page.getByRole("dialog", { name: "Keys" })).toContainText("Climb to the next step");
  await press("Escape", "m", "Control+k");
  await page.getByRole("combobox").fill("lift");
  await press("Enter");
  await expect(page.getByRole("button", { name: "Lift", exact: true })).toHaveAttribute(
    "aria-pressed",
    "true",
  );
});

test("a touched button leaves the space bar to the stair, a button reached by Tab keeps it", async ({
  page,
  request,
}) => {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}`);
  await page.getByRole("button", { name: "Plum ink" }).click();
  await page.keyboard.press(" ");
  await expect(page.getByRole("img", { name: "Step 1 of 9" })).toBeVisible();
  await page.getByRole("button", { name: "Sea ink" }).focus();
  await page.keyboard.press(" ");
  await expect(page.getByRole("img", { name: "Step 1 of 9" })).toBeVisible();
  await expect(page.getByRole("button", { name: "Sea ink" })).toHaveAttribute("aria-pressed", "true");
});

test("a key held down climbs one step, not the whole stair", async ({ page, request }) => {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}`);
  await expect(place(page, "1")).toBeVisible();
  for (let held = 0; held < 5; held += 1) await page.keyboard.down("PageDown");
  await page.keyboard.up("PageDown");
  await expect(page.getByRole("img", { name: "Step 1 of 9" })).toBeVisible();
  await page.keyboard.press("PageDown");
  await expect(page.getByRole("img", { name: "Step 2 of 9" })).toBeVisible();
});
