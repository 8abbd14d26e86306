import { expect, type Page, test } from "@playwright/test";
import { HANDS, press, shut, turnTo } from "./support/hands";
import { addLesson, openBoard, panel, place } from "./support/lessons";
import { makePuzzle } from "./support/rail";

test.use({ hasTouch: true });

const button = (page: Page, name: string | RegExp) => page.getByRole("button", { name, exact: true });
const radio = (page: Page, name: string) => page.getByRole("radio", { name, exact: true });
const tab = (page: Page, name: string) => page.getByRole("tab", { name, exact: true });
const cell = (page: Page, name: string | RegExp) => page.getByRole("gridcell", { name });
const told = (page: Page) => page.locator("[data-part=told]");

for (const hand of HANDS) {
  test.describe(`by ${hand}`, () => {
    test("a chart is made, marked by its edges, by rule and by hand, covered and lifted", async ({
      page,
      request,
    }) => {
      const id = await addLesson(request);
      await page.goto(`/lesson/${id}?prepare`);
      await press(hand, tab(page, "Start from"));
      await press(hand, button(page, "1 to 50"));
      await expect(page.getByRole("grid", { name: "Chart from 1 to 50" })).toBeVisible();
      await press(hand, tab(page, "Layout"));
      await press(hand, radio(page, "Up the page"));
      await expect(page.getByRole("row").first().getByRole("gridcell").first()).toHaveAccessibleName("41");
      await press(hand, tab(page, "Marks"));
      await press(hand, button(page, "Mark in sun"));
      await expect(cell(page, /sun mark/)).toHaveCount(5);
      await press(hand, button(page, "Coral ink"));
      await press(hand, place(page, "7"));
      await expect(place(page, "7, coral mark, in focus")).toBeVisible();
      await press(hand, button(page, /^Row 1$/));
      await expect(cell(page, /coral mark/)).toHaveCount(11);
      await press(hand, tab(page, "Covers"));
      await press(hand, button(page, "Cover this many"));
      await expect(cell(page, "covered")).not.toHaveCount(0);
      await press(hand, button(page, "Lift all"));
      await expect(cell(page, "covered")).toHaveCount(0);
      await press(hand, button(page, "Take back"));
      await expect(cell(page, "covered")).not.toHaveCount(0);
    });

    test("a count is set, walked on and back", async ({ page, request }) => {
      const id = await addLesson(request);
      await page.goto(`/lesson/${id}`);
      await openBoard(page, /Every sixth post/);
      await press(hand, button(page, /^Count in/));
      await turnTo(page, "How it goes", hand);
      await press(hand, button(page, "A new ten"));
      await press(hand, page.getByRole("switch", { name: "Mark as you count" }));
      for (const _ of [0, 1, 2]) await press(hand, button(page, "One jump on"));
      await expect(place(page, "18, sun mark, in focus")).toBeVisible();
      await press(hand, button(page, "One jump back"));
      await expect(place(page, "12, sun mark, in focus")).toBeVisible();
      await expect(panel(page, "sentence")).toHaveText("2 × 6 = 12");

      // The same in silence: where the count stands is hidden until it stops.
      await press(hand, button(page, /^Count in/));
      await turnTo(page, "How it goes", hand);
      await press(hand, radio(page, "1 s"));
      await press(hand, page.getByRole("switch", { name: "Silent: hide the number" }));
      await press(hand, button(page, "Start the count"));
      await expect(place(page, "covered, in focus")).toBeVisible();
      await press(hand, button(page, "Pause the count"));
      await expect(place(page, "covered, in focus")).toHaveCount(0);
    });

    test("an empty place is filled by keypad and by tile, a drawn number finds its home", async ({
      page,
      request,
    }) => {
      const id = await addLesson(request);
      await page.goto(`/lesson/${id}`);
      await press(hand, button(page, "Cover"));
      for (const number of ["41", "42"]) await press(hand, place(page, number));
      await press(hand, button(page, "Write"));
      await press(hand, page.locator("[data-cell='40']"));
      for (const key of ["4", "1"])
        await press(
          hand,
          page.getByRole("region", { name: "Write" }).getByRole("button", { name: key, exact: true }),
        );
      await press(hand, button(page, "Write it"));
      await expect(place(page, "41, by hand, in focus")).toBeVisible();
      await press(hand, radio(page, "Tiles"));
      await press(
        hand,
        page.getByRole("group", { name: "Answer tiles" }).getByRole("button", { name: "42", exact: true }),
      );
      await press(hand, page.locator("[data-cell='41']"));
      await expect(place(page, "42, by hand, in focus")).toBeVisible();
      await press(hand, radio(page, "Where it goes"));
      await press(hand, button(page, "Choose a square"));
      await press(hand, page.locator("[data-cell='40']"));
      await expect(told(page)).not.toHaveText("");
      await press(hand, button(page, "Cover"));
      await press(hand, place(page, "43"));
      await press(hand, button(page, "Write"));
      await press(hand, button(page, "Draw a number"));
      await expect(page.locator("[data-part=digits]")).toHaveAccessibleName("43");
      await press(hand, page.locator("[data-cell='42']"));
      await expect(page.getByText("3 of 10 placed")).toBeVisible();
    });

    test("arrows are laid and followed", async ({ page, request }) => {
      const id = await addLesson(request);
      await page.goto(`/lesson/${id}?prepare`);
      await press(hand, tab(page, "Views"));
      await press(hand, tab(page, "Count panel"));
      await press(hand, page.getByRole("switch", { name: "Arrow moves" }));
      await press(hand, button(page, "Teach"));
      await press(hand, place(page, "63"));
      await press(hand, button(page, /^Arrow up/));
      await press(hand, button(page, /^Arrow right/));
      await expect(panel(page, "sentence")).toHaveText("63 − 10 + 1 = 54");
      await press(hand, radio(page, "Lay them first"));
      await press(hand, button(page, /^Arrow left/));
      await press(hand, button(page, "Follow the arrows"));
      await expect(panel(page, "sentence")).toHaveText("54 − 1 = 53");
      await press(hand, button(page, "Choose a route"));
      await press(hand, button(page, "Route: down, right"));
      await shut(page);
      await press(hand, button(page, "Follow the arrows"));
      await expect(panel(page, "sentence")).toHaveText("53 + 10 + 1 = 64");
    });

    test("a times grid is marked on a place, on a number and by its names, and slid", async ({
      page,
      request,
    }) => {
      const id = await addLesson(request);
      await page.goto(`/lesson/${id}?prepare`);
      await press(hand, radio(page, "Times grid"));
      await press(hand, button(page, "Teach"));
      await press(hand, page.locator("[data-cell=r3c8]"));
      await expect(cell(page, /sun mark/)).toHaveCount(1);
      await press(hand, radio(page, "Everywhere"));
      await press(hand, button(page, "Sea ink"));
      await press(hand, page.locator("[data-cell=r4c6]"));
      await expect(cell(page, /24, .*sea mark/)).toHaveCount(4);
      await press(hand, button(page, "Row 7"));
      await expect(cell(page, /sea mark/)).not.toHaveCount(4);
      await press(hand, button(page, "Slide down"));
      await expect(page.getByRole("grid", { name: "Times grid from row 2 and column 1" })).toBeVisible();
      await press(hand, button(page, "What comes next to the right?"));
      await press(hand, button(page, "See what comes next to the right"));
      await expect(page.getByRole("grid", { name: "Times grid from row 2 and column 2" })).toBeVisible();
      await makePuzzle(page, hand);
      await expect(cell(page, /asked for/)).toHaveCount(1);
      const asked = await cell(page, /asked for/).getAttribute("data-cell");
      const answer = String(
        asked!
          .slice(1)
          .split("c")
          .map(Number)
          .reduce((a, b) => a * b),
      );
      for (const digit of answer)
        await press(
          hand,
          page.getByRole("region", { name: "Write" }).getByRole("button", { name: digit, exact: true }),
        );
      await press(hand, button(page, "Write it"));
      await expect(cell(page, `${answer}, by hand, in focus`)).toBeVisible();
    });
  });
}
