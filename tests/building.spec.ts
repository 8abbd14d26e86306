import { expect, type Page, test } from "@playwright/test";
import { HANDS, middleOf, press } from "./support/hands";
import { addLesson, climb, lessonWith, openBoard } from "./support/lessons";

const ORDERED = "20-numbers-read-and-ordered";
const PLACE_VALUE = {
  kind: "place-value",
  as: "blocks",
  pieces: "shown",
  digits: "shown",
  expanded: "none",
  words: "none",
  exchange: "by-touch",
  building: "shown",
};
const view = (page: Page) => page.getByRole("region", { name: "Place value" });
const button = (page: Page, name: string | RegExp) => view(page).getByRole("button", { name, exact: true });
const cards = (page: Page) => view(page).locator("[data-digit]");

test.use({ hasTouch: true });

for (const hand of HANDS) {
  test(`by ${hand}: a number is built, ten ones are exchanged for a ten, and a ten is broken up`, async ({
    page,
    request,
  }) => {
    await page.goto(`/lesson/${await addLesson(request, { name: ORDERED })}`);
    await openBoard(page, /Build it by hand/);
    await climb(page);
    await expect(cards(page)).toHaveText(["", "9", "5"]);
    for (let i = 0; i < 5; i += 1) await press(hand, button(page, "Add 1 one"));
    await expect(cards(page)).toHaveText(["", "9", "10"]);
    await press(hand, button(page, "Exchange 10 ones for 1 ten"));
    await expect(cards(page)).toHaveText(["", "10", "0"]);
    await press(hand, button(page, "Exchange 10 tens for 1 hundred"));
    await expect(cards(page)).toHaveText(["1", "0", "0"]);
    await expect(view(page).locator("[data-exchange=made]")).toHaveCount(0);
    await press(hand, button(page, "Break 1 hundred up into 10 tens"));
    await expect(cards(page)).toHaveText(["", "10", "0"]);
    // Each touch is taken back by one.
    await page.getByRole("button", { name: "Take back" }).click();
    await expect(cards(page)).toHaveText(["1", "0", "0"]);
    await press(hand, button(page, "Take away 1 hundred"));
    await expect(cards(page)).toHaveText(["", "", "0"]);
    await expect(button(page, "Take away 1 one")).toBeDisabled();
  });
}

for (const hand of ["touch", "mouse"] as const) {
  test(`by ${hand}: ten pieces are drawn together to the left, and one is broken up to the right`, async ({
    page,
    request,
  }) => {
    const id = await lessonWith(request, [PLACE_VALUE], {
      opening: [
        {
          do: "build",
          view: "place-value",
          pieces: [
            { place: 1, count: 2 },
            { place: 0, count: 13 },
          ],
        },
      ],
    });
    await page.goto(`/lesson/${id}`);
    await expect(cards(page)).toHaveText(["", "2", "13"]);
    const column = (place: number) => view(page).locator(`[data-column="${place}"]`);
    const stroke = async (place: number, by: number) => {
      const { x, y } = await middleOf(column(place));
      if (hand === "mouse") {
        await page.mouse.move(x, y);
        await page.mouse.down();
        await page.mouse.move(x + by / 2, y, { steps: 4 });
        await page.mouse.move(x + by, y, { steps: 4 });
        return page.mouse.up();
      }
      const cdp = await page.context().newCDPSession(page);
      await cdp.send("Input.dispatchTouchEvent", { type: "touchStart", touchPoints: [{ x, y }] });
      for (let i = 1; i <= 6; i += 1)
        await cdp.send("Input.dispatchTouchEvent", {
          type: "touchMove",
          touchPoints: [{ x: x + (by * i) / 6, y }],
        });
      await cdp.send("Input.dispatchTouchEvent", { type: "touchEnd", touchPoints: [] });
    };
    await stroke(0, -160);
    await expect(cards(page)).toHaveText(["", "3", "3"]);
    await stroke(1, 160);
    await expect(cards(page)).toHaveText(["", "2", "13"]);
  });
}

test("a number drawn at random is read from its pieces and written; a wrong one stays to be seen", async ({
  page,
  request,
}) => {
  await page.goto(`/lesson/${await addLesson(request, { name: ORDERED })}`);
  await openBoard(page, /Read the boxes/);
  await button(page, "Draw a number").click();
  await expect(button(page, "hundreds digit, covered")).toBeVisible();
  const pieces = await view(page).locator("[data-part=pieces]").getAttribute("aria-label");
  const number = [...pieces!.matchAll(/\d+/g)].map(([digit]) => digit).join("");
  expect(number).toMatch(/^[1-9]\d\d$/);
  expect(number).toContain("0");
  const write = async (digits: string) => {
    await button(page, "Write it").click();
    for (const digit of digits) await page.getByRole("button", { name: digit, exact: true }).click();
    await page.getByRole("dialog").getByRole("button", { name: "Write it" }).click();
  };
  await write("11");
  await expect(view(page).locator("[data-part=read]")).toHaveText("11");
  await expect(button(page, "hundreds digit, covered")).toBeVisible();
  await write(number);
  await expect(cards(page)).toHaveText([...number]);
  // What a digit is worth is said at a touch, and no longer at another.
  await button(page, `hundreds digit ${number[0]}`).click();
  await expect(view(page).locator("[data-part=worth]")).toHaveText(
    new RegExp(`^${number[0]} hundreds? = ${number[0]}00$`),
  );
  await button(page, `hundreds digit ${number[0]}`).click();
  await expect(view(page).locator("[data-part=worth]")).toHaveCount(0);
  const before = number;
  await button(page, "Draw a number").click();
  await expect(button(page, "ones digit, covered")).toBeVisible();
  await expect(view(page).locator("[data-part=read]")).toHaveCount(0);
  await expect
    .poll(() => view(page).locator("[data-part=pieces]").getAttribute("aria-label"))
    .not.toBe(before);
});

test("what is wanting to the next hundred is outlined and told, unless it is covered", async ({
  page,
  request,
}) => {
  const id = await lessonWith(
    request,
    [{ ...PLACE_VALUE, building: "none", exchange: "at-once", towards: "100" }],
    { opening: [{ do: "focus", number: "264" }] },
  );
  await page.goto(`/lesson/${id}`);
  const wanting = view(page).locator("[data-part=wanting]");
  await expect(wanting).toHaveText("36");
  await page.getByRole("button", { name: "Cover", exact: true }).click();
  await wanting.click();
  await expect(wanting).toHaveText("");
  await expect(button(page, "Pieces still needed, covered")).toBeVisible();
});

test("an exchange happens before the eyes while a count goes on, and not where motion is unwanted", async ({
  page,
  request,
}) => {
  const id = await lessonWith(request, [{ ...PLACE_VALUE, building: "none", exchange: "at-once" }], {
    opening: [{ do: "start", number: "38" }],
    count: {
      by: "1",
      from: "38",
      way: "forwards",
      every: 5,
      pauses: [],
      silent: false,
      marks: false,
      voice: false,
      watch: false,
    },
  });
  const shown: string[] = [];
  await page.exposeFunction("digitsShown", (text: string) => void shown.push(text));
  const watch = () =>
    page.evaluate(() => {
      const say = (window as unknown as { digitsShown: (text: string) => void }).digitsShown;
      const now = () =>
        [...document.querySelectorAll("[data-digit]")].map((digit) => digit.textContent).join(" ");
      new MutationObserver(() => say(now())).observe(document.body, {
        subtree: true,
        childList: true,
        characterData: true,
      });
    });
  await page.goto(`/lesson/${id}`);
  await expect(cards(page)).toHaveText(["3", "8"]);
  await watch();
  await page.getByRole("button", { name: "One jump on" }).click();
  await expect(cards(page)).toHaveText(["3", "9"]);
  await page.getByRole("button", { name: "One jump on" }).click();
  await expect(cards(page)).toHaveText(["4", "0"]);
  expect(shown).toContain("3 10");
  shown.length = 0;
  await page.emulateMedia({ reducedMotion: "reduce" });
  await page.getByRole("button", { name: "One jump back" }).click();
  await expect(cards(page)).toHaveText(["3", "9"]);
  await page.getByRole("button", { name: "One jump on" }).click();
  await expect(cards(page)).toHaveText(["4", "0"]);
  expect(shown).not.toContain("3 10");
});
