import { expect, type Locator, test } from "@playwright/test";
import { choose } from "./support/hands";
import { addLesson, openBoard, openSheets } from "./support/lessons";

/** Boards whose set-up has the longest names and the most choices. */
const BOARDS = [
  ["1-lamps-on-the-jetty", 2],
  ["10-the-tide-gauge", 2],
  ["12-friendly-numbers", 1],
  ["14-twos-beside-fours", 1],
  ["18-filling-the-ferry", 1],
  ["22-pattern-cards", 2],
  ["23-how-the-lamps-grow", 1],
] as const;

for (const [width, height] of [
  [1280, 800],
  [1024, 768],
] as const) {
  test(`no word or button of the set-up is cut off at its edge, at ${width} × ${height}`, async ({
    page,
    request,
  }) => {
    await page.setViewportSize({ width, height });
    const cut: string[] = [];
    for (const [name, board] of BOARDS) {
      const id = await addLesson(request, { name });
      await page.goto(`/lesson/${id}?prepare`);
      await openBoard(page, new RegExp(`^${board} `));
      const drawer = page.getByRole("complementary", { name: "Set up the board" });
      const pages = drawer.getByRole("tablist", { name: "What to set up" }).getByRole("tab");
      await expect(pages.nth(5)).toBeVisible();
      /** Turns to a page, or to a part of it, and looks at what stands there. */
      const turnTo = async (tab: Locator, name: string) => {
        await tab.click();
        await expect(tab).toHaveAttribute("aria-selected", "true");
        const found = await drawer.evaluate((aside) => {
          const { left, right } = aside.getBoundingClientRect();
          const isCut = (part: Element) => {
            const box = part.getBoundingClientRect();
            const words = part.textContent?.trim() && getComputedStyle(part).overflowX !== "visible";
            return (
              box.width > 2 &&
              (box.right > right - 6 ||
                box.left < left + 2 ||
                (words && part.scrollWidth > part.clientWidth + 1))
            );
          };
          return [...aside.querySelectorAll("button, p, span, label, [role=radiogroup]")]
            .filter(isCut)
            .map((part) => part.textContent);
        });
        cut.push(...found.map((words) => `${name}: ${words}`));
      };
      for (const one of await pages.all()) {
        const where = `${board} ${await one.textContent()}`;
        await turnTo(one, where);
        for (const part of await drawer
          .getByRole("tablist", { name: /^Parts of/ })
          .getByRole("tab")
          .all()) {
          const called = await part.textContent();
          await turnTo(part, `${where}, ${called}`);
          // Of the numbers of one view only what it may start from is scrolled to.
          const panel = drawer.getByRole("tabpanel", { name: "Numbers", exact: true });
          const several = await drawer.getByRole("radiogroup", { name: "Set up" }).count();
          if (called !== "Start from" && several === 0 && (await panel.count()) > 0)
            expect(
              await panel.evaluate((on) => on.scrollHeight - on.clientHeight),
              `${where}, ${called}`,
            ).toBe(0);
        }
      }
    }
    expect(cut).toEqual([]);
  });
}

test("the set-up opens where the settings of what stands on the board are", async ({ page, request }) => {
  const selected = page.getByRole("tablist", { name: "What to set up" }).getByRole("tab", { selected: true });
  const frames = await addLesson(request, { name: "18-filling-the-ferry" });
  await page.goto(`/lesson/${frames}?prepare`);
  await expect(selected).toHaveText("Views");
  await expect(page.getByRole("textbox", { name: "First number" })).toHaveValue("8");
  // A view that is put to it turns no page.
  await page.getByRole("tab", { name: "Arrange" }).click();
  await choose("keys", page.getByRole("combobox", { name: "Add a view" }), "Number strip");
  await expect(page.getByRole("region", { name: "Number strip", exact: true })).toBeVisible();
  await expect(selected).toHaveText("Views");
  await page.getByRole("button", { name: "Take back" }).click();
  await expect(page.getByRole("region", { name: "Number strip", exact: true })).toHaveCount(0);
  // The page of numbers says what its choices do, where there are none to set.
  await page.getByRole("tab", { name: "Numbers" }).click();
  await expect(
    page.getByText("No chart or line stands on this board. Choose one to put it first."),
  ).toBeVisible();
  await page.getByRole("radio", { name: "Chart", exact: true }).click();
  await expect(page.getByRole("grid", { name: "Chart from 1 to 100" })).toBeVisible();
  await expect(page.getByRole("textbox", { name: "In each row" })).toHaveValue("10");
  await page.getByRole("button", { name: "Take back" }).click();
  await expect(page.getByRole("grid")).toHaveCount(0);
  await expect(selected).toHaveText("Numbers");

  const lamps = await addLesson(request);
  await page.goto(`/lesson/${lamps}?prepare`);
  await expect(selected).toHaveText("Numbers");
});

/** Words of a dialog that are cut off, or choices that their row does not hold. */
const cutIn = (dialog: Locator) =>
  dialog.evaluate((form) =>
    [...form.querySelectorAll("button span, label, [role=radiogroup]")]
      .filter(
        (part) => part.scrollWidth > part.clientWidth + 1 && getComputedStyle(part).overflowX !== "visible",
      )
      .map((part) => part.textContent),
  );

test("no word of a recipe's fields is cut off, in a narrow window either", async ({ page }) => {
  await page.setViewportSize({ width: 820, height: 1180 });
  await page.goto("/");
  await page.getByRole("button", { name: "New lesson" }).click();
  const dialog = page.getByRole("dialog", { name: "New lesson" });
  const kinds = dialog.getByRole("radiogroup", { name: "What to begin with" }).getByRole("radio");
  await expect(kinds.first()).toBeVisible();
  const cut: string[] = [];
  for (const kind of await kinds.all()) {
    const name = (await kind.textContent())!;
    await kind.click();
    await expect(dialog.getByRole("heading", { name, exact: true })).toBeVisible();
    cut.push(...(await cutIn(dialog)).map((words) => `${name}: ${words}`));
  }
  expect(cut).toEqual([]);
});

test("no word of what stands on a sheet is cut off", async ({ page, request }) => {
  const id = await addLesson(request, { name: "2-seats-on-the-ferry" });
  const dialog = await openSheets(page, id);
  await dialog.getByRole("button", { name: "Make the first sheet" }).click();
  const add = dialog.getByRole("combobox", { name: "Add to the sheet" });
  await add.click();
  const options = page.getByRole("option");
  await expect(options.nth(8)).toBeVisible();
  const kinds = await options.allTextContents();
  await page.keyboard.press("Escape");
  const cut: string[] = [];
  for (const kind of kinds) {
    await choose("keys", add, kind);
    await expect(dialog.getByRole("button", { name: `2 ${kind}` })).toHaveAttribute("aria-expanded", "true");
    cut.push(...(await cutIn(dialog)).map((words) => `${kind}: ${words}`));
    // A sheet has room for a few parts.
    await dialog.getByRole("button", { name: "Remove: part 2" }).click();
    await expect(dialog.getByRole("button", { name: `2 ${kind}` })).toHaveCount(0);
  }
  expect(cut).toEqual([]);
});
