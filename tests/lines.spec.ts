import { expect, test } from "@playwright/test";
import { addView, HANDS, press, turnTo } from "./support/hands";
import { saved } from "./support/lessons";
import {
  at,
  atRest,
  button,
  choose,
  field,
  line,
  openLine,
  pointOf,
  says,
  sentence,
  touch,
} from "./support/lines";

test.use({ hasTouch: true });

test("a line is made field by field; what cannot be is told, and changes nothing", async ({
  page,
  request,
}) => {
  await openLine(page, request);
  const part = (name: string) => page.getByRole("tab", { name, exact: true }).click();
  for (const [label, typed, message, at = "Range"] of [
    ["To", "0", "The ends are the same number. Write another one."],
    ["To", "-5", "Put the smaller number first."],
    ["Interval", "0", "Write an interval above 0."],
    ["Interval", "0.001", "That would be more than 10,000 ticks."],
    ["From", "1e999", "Write a number, such as 7, −3, 0.2 or 3/4."],
    ["To", "9999999999999", "A line goes from −1,000,000,000,000 to 1,000,000,000,000."],
    ["Parts in each interval", "21", "Write a whole number from 1 to 20."],
    ["Unit, such as metres", "m".repeat(21), "Write at most 20 characters.", "Labels"],
  ] as const) {
    await part(at);
    const was = await field(page, label).inputValue();
    await field(page, label).fill(typed);
    await expect(page.getByText(message)).toBeVisible();
    await expect(line(page)).toBeVisible();
    await field(page, label).fill(was);
    await expect(page.getByText(message)).toHaveCount(0);
  }
  await part("Start from");
  await page.getByRole("button", { name: "6 to 8 in tenths" }).click();
  await expect(line(page, "Number line from 6 to 8")).toBeVisible();
  await expect(at(page, "7")).toHaveAccessibleName("7");
  await page.getByRole("button", { name: "0 to 3 in quarters" }).click();
  await expect(at(page, "1.25")).toHaveAccessibleName("1 1/4");
  await part("Labels");
  await choose(page, "Numbers are written", /^In the parts/);
  await expect(at(page, "1")).toHaveAccessibleName("4/4");
  await part("Range");
  await page.getByRole("radio", { name: "Upright" }).click();
  await part("Labels");
  await choose(page, "Labels", "My choice");
  await field(page, "Numbers with a label").fill("0 2,5 3");
  await expect(at(page, "2.5")).toBeVisible();
  await expect(at(page, "1")).toHaveCount(0);
  await saved(page);
  await page.reload();
  await expect(at(page, "2.5")).toBeVisible();
});

test("slid by drag, wheel, keys and buttons, and drawn nearer and further away; pinned it stays", async ({
  page,
  request,
}) => {
  await openLine(page, request);
  await button(page, "Teach").click();
  await button(page, "Slide on one interval").tap();
  await expect(at(page, "110")).toBeVisible();
  await button(page, "Take back").tap();
  await expect(at(page, "110")).toHaveCount(0);

  const from = await pointOf(page, 60);
  const to = await pointOf(page, 40);
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(from.x - 30, from.y, { steps: 3 });
  await page.mouse.move(to.x, to.y, { steps: 5 });
  await page.mouse.up();
  await expect(at(page, "120")).toBeVisible();
  await expect(at(page, "10")).toHaveCount(0);
  await expect(page.getByRole("gridcell", { name: /mark/ })).toHaveCount(0);
  await button(page, "The whole line").tap();
  await expect(at(page, "0")).toBeVisible();

  await page.mouse.move(from.x, from.y);
  await page.mouse.wheel(to.x - from.x, 0);
  await expect(at(page, "-20")).toBeVisible();
  await button(page, "The whole line").tap();
  await button(page, "Nearer").tap();
  await expect(at(page, "0")).toHaveCount(0);
  await expect(at(page, "30")).toBeVisible();
  for (let i = 0; i < 3; i += 1) await button(page, "Nearer").tap();
  await expect(at(page, "50")).toBeVisible();
  await expect(at(page, "51")).toBeVisible();
  for (let i = 0; i < 6; i += 1) await button(page, "Further away").tap();
  await expect(at(page, "100")).toBeVisible();
  await button(page, "The whole line").tap();

  await at(page, "100").focus();
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("Enter");
  await expect(at(page, "101")).toHaveAccessibleName("101, sun mark, in focus");
  await page.keyboard.press("Shift+ArrowLeft");
  await expect(at(page, "20")).toBeVisible();

  await button(page, "Prepare").click();
  await page.getByRole("switch", { name: "Fixed: does not slide" }).click();
  await expect(button(page, "Nearer")).toHaveCount(0);
});

test("a line that glides begins where it was: it never flashes at its destination", async ({
  page,
  request,
}) => {
  await openLine(page, request);
  await button(page, "Teach").click();
  const x = () => at(page, "100").evaluate((hundred) => Math.round(hundred.getBoundingClientRect().x));
  await atRest(page);
  const rest = await x();
  await button(page, "Slide on one interval").tap();
  await expect(at(page, "110")).toBeVisible();
  await atRest(page);
  await page.evaluate(() => {
    const seen: number[] = [];
    Object.assign(window, { seen });
    const look = () => {
      const hundred = document.querySelector('[role=gridcell][data-number="100"]');
      if (hundred) seen.push(Math.round(hundred.getBoundingClientRect().x));
      requestAnimationFrame(look);
    };
    look();
  });
  await button(page, "Take back").tap();
  await expect.poll(x).toBe(rest);
  const seen = await page.evaluate(() => (window as unknown as { seen: number[] }).seen);
  // Gliding back to 0, every number moves to the right, and only to the right.
  expect(seen).toEqual(seen.toSorted((a, b) => a - b));
  expect(new Set(seen).size).toBeGreaterThan(2);
});

test("two fingers draw the line nearer", async ({ page, request }) => {
  await openLine(page, request);
  await button(page, "Teach").click();
  const cdp = await page.context().newCDPSession(page);
  const fingers = (type: string, points: { x: number; y: number }[]) =>
    cdp.send("Input.dispatchTouchEvent", {
      type: type as "touchStart",
      touchPoints: points.map((point, id) => ({ ...point, id })),
    });
  const middle = await pointOf(page, 50);
  const apart = (by: number) => [
    { x: middle.x - by, y: middle.y },
    { x: middle.x + by, y: middle.y },
  ];
  await fingers("touchStart", apart(60));
  for (const by of [80, 120, 170, 240]) await fingers("touchMove", apart(by));
  await fingers("touchEnd", []);
  await expect(at(page, "0")).toHaveCount(0);
  await expect(at(page, "50")).toBeVisible();
  await expect(page.getByRole("gridcell", { name: /mark/ })).toHaveCount(0);
});

for (const hand of HANDS) {
  test(`marked, covered, lifted and written in, as on a chart, by ${hand}`, async ({ page, request }) => {
    await openLine(page, request);
    await press(hand, button(page, "Teach"));
    await touch(page, hand, "30");
    await expect(at(page, "30")).toHaveAccessibleName("30, sun mark, in focus");
    await press(hand, button(page, "Cover"));
    await touch(page, hand, "60");
    await touch(page, hand, "70");
    await expect(page.getByRole("gridcell", { name: "covered" })).toHaveCount(2);
    await press(hand, button(page, "Lift"));
    await touch(page, hand, "60");
    await expect(at(page, "60")).toHaveAccessibleName("60");
    await press(hand, button(page, "Write"));
    await expect(page.getByRole("region", { name: "Write" })).toBeVisible();
    await touch(page, hand, "70");
    await page.keyboard.type("70");
    await page.keyboard.press("Enter");
    await expect(at(page, "70")).toHaveAccessibleName("70, by hand, in focus");
    await press(hand, button(page, "Take back"));
    await expect(page.getByRole("gridcell", { name: "covered" })).toHaveCount(1);
  });

  test(`jumps by ${hand}: in a size, again, to a target by friendly numbers; the sentence is written`, async ({
    page,
    request,
  }) => {
    await openLine(page, request);
    await addView(page, "Number sentence");
    await press(hand, button(page, "Teach"));
    await press(hand, button(page, "Jump"));
    await expect(page.getByRole("region", { name: "Jumps" })).toBeVisible();
    await touch(page, hand, "20");
    await press(hand, button(page, "Jumps of 5"));
    await press(hand, button(page, "Jump on"));
    await press(hand, button(page, "Again"));
    await expect.poll(() => says(page)).toBe("20 + 5 + 5 = 30");
    await press(hand, button(page, "Jump back"));
    await expect.poll(() => says(page)).toBe("20 + 5 + 5 − 5 = 25");
    await touch(page, hand, "0");
    await turnTo(page, "Sentence", hand);
    await field(page, "Number sentence").fill("27 + 43");
    await page.keyboard.press("Enter");
    await expect.poll(() => says(page)).toBe("27 + 43 = 70");
    await turnTo(page, "To a number", hand);
    await field(page, "To").fill("84");
    await page.keyboard.press("Enter");
    await press(hand, button(page, "Draw the jumps"));
    await expect.poll(() => says(page)).toBe("27 + 43 + 10 + 4 = 84");
    await press(hand, button(page, "Take back"));
    await expect.poll(() => says(page)).toBe("27 + 43 = 70");
  });
}

test("a jump is drawn from a number to another; split, joined, its size covered on line and in sentence", async ({
  page,
  request,
}) => {
  await openLine(page, request);
  await addView(page, "Number sentence");
  await button(page, "Teach").click();
  await page.keyboard.press("j");
  await expect(page.getByRole("region", { name: "Jumps" })).toBeVisible();
  const [from, to] = [await pointOf(page, 20), await pointOf(page, 50)];
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(from.x + 40, from.y - 20, { steps: 3 });
  await page.mouse.move(to.x, to.y, { steps: 4 });
  await page.mouse.up();
  await expect.poll(() => says(page)).toBe("20 + 30 = 50");
  await turnTo(page, "One jump");
  await button(page, "Split in 3").click();
  await expect.poll(() => says(page)).toBe("20 + 10 + 10 + 10 = 50");
  await button(page, "Join to jump 2").click();
  await expect.poll(() => says(page)).toBe("20 + 10 + 20 = 50");
  // Another jump is chosen by a touch on its size.
  await page.locator("[data-sizes='0']").click();
  await expect(page.getByText("Jump 1 of 2: +10")).toBeVisible();
  await button(page, "Split in 2").click();
  await expect.poll(() => says(page)).toBe("20 + 5 + 5 + 20 = 50");
  await button(page, "Take back").click();
  await page.keyboard.press("c");
  await sentence(page).getByRole("button", { name: "10", exact: true }).click();
  await expect(sentence(page).getByRole("button", { name: "covered" })).toHaveCount(1);
  await expect(page.locator("[data-part=jumps] text")).toHaveText(["+20"]);
  await page.locator("[data-sizes='1']").click();
  await expect(sentence(page).getByRole("button", { name: "covered" })).toHaveCount(2);
  await page.keyboard.press("l");
  await sentence(page).getByRole("button", { name: "covered" }).first().click();
  await expect(page.locator("[data-part=jumps] text")).toHaveText(["+10"]);
});
