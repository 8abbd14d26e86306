import { expect, type Page, test } from "@playwright/test";
import { addView, carry, HANDS, type Hand, middleOf, press } from "./support/hands";
import { addLesson, place, saved } from "./support/lessons";
import { penInHand } from "./support/pen";

test.use({ hasTouch: true });

const button = (page: Page, name: string | RegExp) => page.getByRole("button", { name, exact: true });
const strokes = (page: Page) => page.locator("[data-stroke]");
const middle = (page: Page, at: string) => middleOf(page.locator(at));

async function draw(page: Page, from: { x: number; y: number }, to: { x: number; y: number }) {
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move((from.x + to.x) / 2, from.y + 10, { steps: 4 });
  await page.mouse.move(to.x, to.y, { steps: 4 });
  await page.mouse.up();
}

/** Takes a tool of the pen, and waits until it is in hand. */
async function take(page: Page, tool: string, hand: Hand = "mouse") {
  await press(hand, button(page, `Draw with: ${tool}`));
  await expect(button(page, `Draw with: ${tool}`)).toHaveAttribute("aria-pressed", "true");
}

async function open(page: Page, request: Parameters<typeof addLesson>[0]) {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}`);
  await expect(place(page, "24")).toBeVisible();
  return id;
}

for (const hand of HANDS) {
  /** A stroke from one place to another; by keys, round or over the first. */
  const stroke = (page: Page, from: string, to: string) =>
    hand === "keys"
      ? press(hand, page.locator(from))
      : carry(hand, page, page.locator(from), page.locator(to));
  /** A touch on what lies over a place. */
  const touch = async (page: Page, at: string) => {
    if (hand === "keys") return press(hand, page.locator(at));
    const { x, y } = await middle(page, at);
    return hand === "touch" ? page.touchscreen.tap(x, y) : page.mouse.click(x, y);
  };

  test(`pen, highlighter and rubber in an ink, all wiped and taken back, by ${hand}`, async ({
    page,
    request,
  }) => {
    await open(page, request);
    await press(hand, button(page, "Pen"));
    await penInHand(page);
    await press(hand, button(page, "Sea ink"));
    await expect(button(page, "Pen")).toHaveAttribute("aria-pressed", "true");
    await stroke(page, "[data-cell='23']", "[data-cell='26']");
    await expect(strokes(page)).toHaveCount(1);
    // Nothing was marked under the pen.
    await expect(page.getByRole("gridcell", { name: /mark/ })).toHaveCount(0);
    await take(page, "Highlighter", hand);
    await stroke(page, "[data-cell='33']", "[data-cell='36']");
    await expect(strokes(page)).toHaveCount(2);
    await press(hand, button(page, "Clear all"));
    await expect(strokes(page)).toHaveCount(0);
    await press(hand, button(page, "Take back"));
    await expect(strokes(page)).toHaveCount(2);
    await take(page, "Rubber", hand);
    await touch(page, "[data-cell='33']");
    await expect(strokes(page)).toHaveCount(1);
    await press(hand, button(page, "Take back"));
    await expect(strokes(page)).toHaveCount(2);
  });

  test(`a note is typed and worded anew by ${hand}`, async ({ page, request }) => {
    await open(page, request);
    await press(hand, button(page, "Pen"));
    await penInHand(page);
    await take(page, "Note", hand);
    await touch(page, "[data-cell='45']");
    await page.getByRole("textbox", { name: "Note" }).fill("ten more");
    await page.keyboard.press("Enter");
    const note = page.locator("[data-note] text");
    await expect(note).toHaveText("ten more");
    if (hand === "keys") await touch(page, "[data-cell='45']");
    else {
      const { x, y } = (await note.boundingBox())!;
      if (hand === "touch") await page.touchscreen.tap(x + 4, y + 8);
      else await page.mouse.click(x + 4, y + 8);
    }
    await page.getByRole("textbox", { name: "Note" }).fill("ten less");
    // What was typed is kept, whichever way the field is left.
    await page.keyboard.press("Escape");
    await expect(note).toHaveText("ten less");
    if (hand === "keys") await expect(place(page, "46")).toBeFocused();
    await press(hand, button(page, "Take back"));
    await expect(note).toHaveText("ten more");
    await press(hand, button(page, "Take back"));
    await expect(note).toHaveCount(0);
  });
}

test("what is drawn stays on its number when the chart changes, and moves with a line that slides", async ({
  page,
  request,
}) => {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}?prepare`);
  await addView(page, "Number line");
  await button(page, "Teach").click();
  await page.keyboard.press("p");
  // A chart and a line.
  await penInHand(page, 2);
  const chartAt = await middle(page, "[data-cell='46']");
  await draw(page, chartAt, { x: chartAt.x + 12, y: chartAt.y + 8 });
  const lineAt = await middle(page, "[role=gridcell][data-number='0']");
  await draw(page, { x: lineAt.x, y: lineAt.y - 60 }, { x: lineAt.x + 14, y: lineAt.y - 50 });
  await expect(strokes(page)).toHaveCount(2);
  const boxes = () => strokes(page).evaluateAll((all) => all.map((one) => one.getBoundingClientRect().x));
  const before = await boxes();
  await button(page, "Slide on one interval").click();
  await expect.poll(async () => (await boxes())[1]! - before[1]!).toBeLessThan(-10);
  expect((await boxes())[0]!).toBeCloseTo(before[0]!, 0);
  await page.keyboard.press("m");
  await button(page, "Prepare").click();
  await page.getByRole("tab", { name: "Numbers", exact: true }).click();
  await page.getByRole("textbox", { name: "In each row" }).fill("12");
  await expect(page.getByRole("row").nth(3).getByRole("gridcell").nth(10)).toHaveAccessibleName("47");
  const moved = await middle(page, "[data-cell='46']");
  await expect.poll(async () => Math.abs((await boxes())[0]! - moved.x)).toBeLessThan(30);
  await saved(page);
});

test("what is drawn on a times grid is seen on its place while the grid slides", async ({
  page,
  request,
}) => {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}?prepare`);
  await page.getByRole("radio", { name: "Times grid" }).click();
  await button(page, "Teach").click();
  await button(page, "Pen").click();
  await penInHand(page);
  const at = await middle(page, "[data-cell=r6c6]");
  await draw(page, at, { x: at.x + 20, y: at.y + 6 });
  await expect(strokes(page)).toHaveCount(1);
  await button(page, "Sun ink").click();
  await expect(button(page, "Pen")).toHaveAttribute("aria-pressed", "true");
  await page.keyboard.press("m");
  await expect(page.locator("[data-part=pen-layer]")).toHaveCSS("pointer-events", "none");
  // The grid has grown into the room of the pen's strip.
  const held = await middle(page, "[data-cell=r6c6]");
  const box = () => strokes(page).boundingBox();
  const before = (await box())!;
  await page.mouse.move(held.x, held.y);
  await page.mouse.down();
  for (const by of [20, 40, 61]) await page.mouse.move(held.x - by, held.y);
  // The finger still holds the grid, which stands between two columns.
  await expect.poll(async () => Math.round((await box())!.x - before.x)).toBe(-61);
  await expect(page.locator("canvas[data-moving]")).toBeVisible();
  await page.mouse.up();
  await expect(page.locator("canvas[data-moving]")).toHaveCount(0);
  const rested = await middle(page, "[data-cell=r6c6]");
  const drawnAt = (await box())!;
  expect(drawnAt.x - before.x).toBeCloseTo(rested.x - held.x, 0);
});

test("a note is typed, worded anew, rubbed out; two pupils draw at the same time", async ({
  page,
  request,
}) => {
  const id = await open(page, request);
  await page.keyboard.press("p");
  await penInHand(page);
  await take(page, "Note");
  const at = await middle(page, "[data-cell='34']");
  await page.mouse.click(at.x, at.y);
  await page.getByRole("textbox", { name: "Note" }).fill("ten more");
  await page.keyboard.press("Enter");
  await expect(page.locator("[data-note] text")).toHaveText("ten more");
  await page.mouse.click(at.x + 20, at.y + 20);
  await page.getByRole("textbox", { name: "Note" }).fill("ten less");
  await page.keyboard.press("Enter");
  await expect(page.locator("[data-note] text")).toHaveText("ten less");
  await page.reload();
  await expect(page.locator("[data-note] text")).toHaveText("ten less");

  await page.keyboard.press("p");
  await penInHand(page);
  await take(page, "Pen");
  const cdp = await page.context().newCDPSession(page);
  const fingers = (type: string, points: { x: number; y: number }[]) =>
    cdp.send("Input.dispatchTouchEvent", {
      type: type as "touchStart",
      touchPoints: points.map((point, finger) => ({ ...point, id: finger })),
    });
  const [a, b] = [await middle(page, "[data-cell='2']"), await middle(page, "[data-cell='97']")];
  const on = (by: number) => [a, b].map(({ x, y }) => ({ x: x + by, y }));
  await fingers("touchStart", on(0));
  for (const by of [10, 25, 40]) await fingers("touchMove", on(by));
  await fingers("touchEnd", []);
  await expect(strokes(page)).toHaveCount(2);
  await page.keyboard.press("k");
  await page.getByLabel("Title").fill("Drawn");
  await page.getByRole("button", { name: "Keep the step" }).click();
  await saved(page);
  await page.goto(`/lesson/${id}`);
  await expect(strokes(page)).toHaveCount(2);
});
