import { expect, type Page, test } from "@playwright/test";
import { carry, choose, HANDS, middleOf, press, rest, shut, turnTo } from "./support/hands";
import { addLesson, openBoard, place } from "./support/lessons";
import { pressOnRail } from "./support/rail";

test.use({ hasTouch: true });

const button = (page: Page, name: string | RegExp) => page.getByRole("button", { name, exact: true });
const radio = (page: Page, name: string) => page.getByRole("radio", { name, exact: true });
const tab = (page: Page, name: string) => page.getByRole("tab", { name, exact: true });
const turn = (page: Page, name: string) => page.getByRole("switch", { name });
const cell = (page: Page, name: string | RegExp) => page.getByRole("gridcell", { name });
const at = (page: Page, number: number) => page.locator(`[data-cell='${number - 1}']`);
const told = (page: Page) => page.locator("[data-part=told]");
const peek = (page: Page) => page.locator("[data-part=peek]");

for (const hand of HANDS) {
  test.describe(`by ${hand}`, () => {
    test("a missed number is told while the count is marked, until the watcher is sent away", async ({
      page,
      request,
    }) => {
      await page.goto(`/lesson/${await addLesson(request)}`);
      await openBoard(page, /Every sixth post/);
      const watcher = page.getByRole("status", { name: "Only for you" });
      for (const number of [6, 12, 24]) await press(hand, at(page, number));
      await press(hand, watcher.getByRole("button"));
      await expect(watcher).toHaveText("18 was missed");
      await press(hand, at(page, 18));
      await expect(watcher).toHaveText("");
      await press(hand, at(page, 29));
      await press(hand, watcher.getByRole("button"));
      await expect(watcher).toHaveText("29 does not belong");
      await press(hand, button(page, /^Count in/));
      await turnTo(page, "How it goes", hand);
      await press(hand, turn(page, "Tell me about numbers I miss"));
      await expect(watcher).toHaveText("");
    });

    test("the number is said in words and by the voice", async ({ page, request }) => {
      await page.addInitScript(() => {
        const said: string[] = [];
        Object.assign(window, { said });
        window.speechSynthesis.speak = (utterance) => void said.push(utterance.text);
      });
      await page.goto(`/lesson/${await addLesson(request)}?prepare`);
      await press(hand, tab(page, "Views"));
      await press(hand, tab(page, "Count panel"));
      await press(hand, radio(page, "British"));
      await press(hand, button(page, "Teach"));
      await press(hand, button(page, /^Count in/));
      await turnTo(page, "How it goes", hand);
      await press(hand, turn(page, "Say the numbers aloud"));
      await shut(page);
      for (const _ of [0, 1]) await press(hand, button(page, "One jump on"));
      const words = page.locator("[data-part=words]");
      await expect(words).toHaveText("twenty");
      const said = () => page.evaluate(() => (window as unknown as { said: string[] }).said);
      await expect.poll(async () => (await said()).at(-1)).toBe("twenty");
    });

    test("a cover is peeked under by a long press while preparing, and lifted by a short one", async ({
      page,
      request,
    }) => {
      await page.goto(`/lesson/${await addLesson(request)}?prepare`);
      await press(hand, button(page, "Cover"));
      await press(hand, at(page, 63));
      await press(hand, button(page, "Lift"));
      await rest(hand, page, at(page, 63), () => expect(peek(page)).toHaveText("63"));
      await expect(peek(page)).toHaveCount(0);
      await expect(place(page, /^covered/)).toHaveCount(1);
      await press(hand, at(page, 63));
      await expect(place(page, "63")).toBeVisible();
    });

    test("a cover of a times grid and of a line is peeked under too", async ({ page, request }) => {
      await page.goto(`/lesson/${await addLesson(request)}?prepare`);
      await press(hand, radio(page, "Times grid"));
      await press(hand, button(page, "Cover"));
      const place = page.locator("[data-cell=r3c8]");
      await press(hand, place);
      await rest(hand, page, place, () => expect(peek(page)).toHaveText("24"));
      await expect(peek(page)).toHaveCount(0);

      await page.goto(`/lesson/${await addLesson(request, { name: "10-the-tide-gauge" })}?prepare`);
      const label = page.locator("[role=gridcell][data-number='3']");
      const cover = async () => {
        if (hand === "keys") return press(hand, label);
        const { x, y } = await middleOf(label);
        return hand === "touch" ? page.touchscreen.tap(x, y) : page.mouse.click(x, y);
      };
      await press(hand, button(page, "Cover"));
      await cover();
      await expect(label).toHaveAccessibleName(/^covered/);
      await rest(hand, page, label, () => expect(peek(page)).toHaveText("3"));
      await expect(peek(page)).toHaveCount(0);
      await expect(label).toHaveAccessibleName(/^covered/);
    });

    test("a number stands out, and its neighbours are named", async ({ page, request }) => {
      await page.goto(`/lesson/${await addLesson(request)}?prepare`);
      await press(hand, at(page, 47));
      await press(hand, tab(page, "Marks"));
      await press(hand, button(page, "Make 47 stand out"));
      await expect(place(page, "47, standing out, sun mark, in focus")).toBeVisible();
      await press(hand, button(page, "Make 47 ordinary again"));
      await expect(place(page, "47, sun mark, in focus")).toBeVisible();
      await press(hand, button(page, "More"));
      await press(hand, page.getByRole("menuitem", { name: "Neighbours of the number" }));
      await expect(page.locator("[data-part=guides]").getByText("10 more: 57")).toHaveCount(1);
    });

    test("conditions are joined, turned round and taken away", async ({ page, request }) => {
      await page.goto(`/lesson/${await addLesson(request)}`);
      await pressOnRail(page, "By rule", hand);
      await page.getByLabel("Multiples of").fill("3");
      await press(hand, button(page, "Another condition"));
      await choose(hand, page.getByRole("combobox", { name: "Are or are not" }).last(), "are not");
      await choose(hand, page.getByRole("combobox", { name: "What the numbers are" }).last(), "odd");
      await expect(page.getByText("numbers that are multiples of 3 and are not odd")).toBeVisible();
      await press(hand, radio(page, "or"));
      await expect(page.getByText("numbers that are multiples of 3 or are not odd")).toBeVisible();
      await press(hand, button(page, "Mark in sun"));
      await expect(cell(page, /sun mark/)).toHaveCount(67);
    });

    test("what is written is checked at the end", async ({ page, request }) => {
      await page.goto(`/lesson/${await addLesson(request)}`);
      await press(hand, button(page, "Cover"));
      for (const number of [51, 52]) await press(hand, at(page, number));
      await press(hand, button(page, "Write"));
      await press(hand, button(page, "Checking"));
      await press(hand, radio(page, "At the end"));
      await shut(page);
      const key = (name: string) =>
        page.getByRole("region", { name: "Write" }).getByRole("button", { name, exact: true });
      for (const [number, says] of [
        [51, "51"],
        [52, "25"],
      ] as const) {
        await press(hand, at(page, number));
        for (const digit of says) await press(hand, key(digit));
        await press(hand, button(page, "Write it"));
      }
      await expect(cell(page, /by hand/)).toHaveCount(2);
      await press(hand, button(page, "Check what is written"));
      await expect(told(page)).toHaveText("1 right. 1 to think about again.");
    });

    test("an answer tile is carried to its place", async ({ page, request }) => {
      await page.goto(`/lesson/${await addLesson(request)}`);
      await press(hand, button(page, "Cover"));
      for (const number of [41, 42]) await press(hand, at(page, number));
      await press(hand, button(page, "Write"));
      await press(hand, radio(page, "Tiles"));
      const tiles = page.getByRole("group", { name: "Answer tiles" }).getByRole("button");
      const tile = (name: string) =>
        page.getByRole("group", { name: "Answer tiles" }).getByRole("button", { name, exact: true });
      await carry(hand, page, tile("42"), at(page, 41));
      await expect(told(page)).toContainText("42 does not belong here.");
      await carry(hand, page, tile("42"), at(page, 42));
      await expect(place(page, "42, by hand, in focus")).toBeVisible();
      await expect(tiles.filter({ hasText: /^42$/ })).toHaveCount(0);
    });
  });
}
