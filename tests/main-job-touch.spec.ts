import { type CDPSession, expect, type Locator, type Page, test } from "@playwright/test";
import { middleOf, twice } from "./support/hands";
import { addLesson, openBoard, panel, place, question, saved } from "./support/lessons";
import { pressOnRail } from "./support/rail";

test.use({ hasTouch: true, viewport: { width: 1280, height: 800 } });

/** Draws one finger over places, as a pupil does at the board. */
async function drag(cdp: CDPSession, places: Locator[]) {
  const points = [];
  for (const one of places) {
    const box = await one.boundingBox();
    points.push({ x: box!.x + box!.width / 2, y: box!.y + box!.height / 2 });
  }
  await cdp.send("Input.dispatchTouchEvent", { type: "touchStart", touchPoints: [points[0]!] });
  for (const point of points.slice(1))
    await cdp.send("Input.dispatchTouchEvent", { type: "touchMove", touchPoints: [point] });
  await cdp.send("Input.dispatchTouchEvent", { type: "touchEnd", touchPoints: [] });
}

test("the lesson by touch: a run marked, numbers covered and lifted, the stair climbed and kept", async ({
  page,
  request,
}) => {
  const id = await addLesson(request, { climbEvery: 5 });
  const cdp = await page.context().newCDPSession(page);
  await page.goto(`/lesson/${id}`);
  await openBoard(page, /Every sixth post/);

  for (const number of ["6", "12", "18"]) await place(page, number).tap();
  await expect(panel(page, "sentence")).toHaveText("3 × 6 = 18");

  await page.getByRole("button", { name: "Sea ink" }).tap();
  await drag(cdp, [place(page, "31"), place(page, "35"), place(page, "55")]);
  await expect(page.getByRole("gridcell", { name: /sea mark/ })).toHaveCount(7);
  await page.getByRole("button", { name: "Take back" }).tap();
  await expect(page.getByRole("gridcell", { name: /sea mark/ })).toHaveCount(0);

  await page.getByRole("button", { name: "Cover", exact: true }).tap();
  await place(page, "24").tap();
  await drag(cdp, [place(page, "41"), place(page, "44")]);
  await expect(place(page, "covered")).toHaveCount(5);
  await page.getByRole("button", { name: "Lift", exact: true }).tap();
  await page.locator("[data-cell='23']").tap();
  await expect(place(page, "24")).toBeVisible();

  await page.getByRole("button", { name: "Climb" }).tap();
  await expect(
    question(page).getByText("Every sixth post has a lamp. Which post has the first one?"),
  ).toBeVisible();
  // A double tap climbs once.
  await page.waitForTimeout(350);
  await twice("touch", page, await middleOf(page.getByRole("button", { name: "Climb" })), 150);
  await page.waitForTimeout(350);
  // A step shows one thing after another; a second touch shows the rest at once.
  await expect(page.getByRole("button", { name: "Finish the step" })).toBeVisible();
  await page.getByRole("button", { name: "Finish the step" }).tap();
  await expect(question(page).getByText("Three posts have a lamp now")).toBeVisible();
  await place(page, "100").tap();

  await pressOnRail(page, "Keep as a step", "touch");
  await page.getByLabel("Title").fill("By touch");
  await page.getByRole("button", { name: "Keep the step" }).tap();
  await saved(page);
  await page.reload();
  await expect(page.getByLabel(/^Step 3 of 8/)).toBeVisible();
});

test("the page does not scroll or zoom away under a finger", async ({ page, request }) => {
  const id = await addLesson(request);
  const cdp = await page.context().newCDPSession(page);
  await page.goto(`/lesson/${id}`);
  await drag(cdp, [place(page, "85"), place(page, "5")]);
  expect(await page.evaluate(() => [window.scrollY, window.visualViewport?.scale])).toEqual([0, 1]);
  await expect(page.getByRole("gridcell", { name: /sun mark/ })).toHaveCount(9);
});

test("the fingers of two pupils do not zoom the page anywhere, and a stroke across the display does not leave it", async ({
  page,
  request,
}) => {
  const id = await addLesson(request);
  const cdp = await page.context().newCDPSession(page);
  const fingers = (
    type: "touchStart" | "touchMove" | "touchEnd",
    ...touchPoints: { x: number; y: number; id: number }[]
  ) => cdp.send("Input.dispatchTouchEvent", { type, touchPoints });
  await page.goto("/");
  await page.goto(`/lesson/${id}`);
  await openBoard(page, /Every sixth post/);
  await page.keyboard.press("PageDown");
  await expect(question(page)).toBeVisible();
  for (const part of [question(page), page.locator("footer"), page.locator("header")]) {
    const box = (await part.boundingBox())!;
    const y = box.y + box.height / 2;
    const at = (apart: number) =>
      [-1, 1].map((side, finger) => ({ id: finger, x: box.x + box.width / 2 + side * apart, y }));
    await fingers("touchStart", ...at(20));
    for (let apart = 30; apart <= 150; apart += 20) await fingers("touchMove", ...at(apart));
    await fingers("touchEnd");
    expect(await page.evaluate(() => window.visualViewport?.scale)).toBe(1);
    await fingers("touchStart", { id: 0, x: 60, y });
    for (let x = 100; x <= 1200; x += 50) await fingers("touchMove", { id: 0, x, y });
    await fingers("touchEnd");
  }
  // The browser would go back some time after the stroke.
  await page.waitForTimeout(1000);
  expect(page.url()).toContain(id);
});

test("a palm that rests on a board brings up no menu of the browser and selects no words; a mouse and a field keep theirs", async ({
  page,
  request,
}) => {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}?prepare`);
  // A browser without a display makes no menu of a long touch: the event that it would send is sent here.
  const isOpened = (part: Locator, pointerType: string) =>
    part.evaluate(
      (element, by) =>
        element.dispatchEvent(
          new PointerEvent("contextmenu", { bubbles: true, cancelable: true, pointerType: by }),
        ),
      pointerType,
    );
  const parts = [page.locator("main"), page.locator("footer"), page.getByRole("button", { name: "Climb" })];
  for (const part of parts) {
    await expect(part).toHaveCSS("user-select", "none");
    await expect.poll(() => isOpened(part, "touch")).toBe(false);
    expect(await isOpened(part, "mouse")).toBe(true);
  }
  await page.getByRole("tab", { name: "Board", exact: true }).click();
  expect(await isOpened(page.getByRole("textbox").first(), "touch")).toBe(true);
});

test("two pupils touch at the same time", async ({ page, request }) => {
  const id = await addLesson(request);
  const cdp = await page.context().newCDPSession(page);
  await page.goto(`/lesson/${id}`);
  const at = async (number: string) => {
    const box = (await place(page, number).boundingBox())!;
    return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
  };
  const [six, ninety] = [
    { ...(await at("6")), id: 1 },
    { ...(await at("90")), id: 2 },
  ];
  await cdp.send("Input.dispatchTouchEvent", { type: "touchStart", touchPoints: [six] });
  await cdp.send("Input.dispatchTouchEvent", { type: "touchStart", touchPoints: [six, ninety] });
  await cdp.send("Input.dispatchTouchEvent", { type: "touchEnd", touchPoints: [] });
  await expect(place(page, "6, sun mark")).toBeVisible();
  await expect(place(page, "90, sun mark, in focus")).toBeVisible();
});

/** Fingers on the page, each with its id. */
async function fingers(page: Page) {
  const cdp = await page.context().newCDPSession(page);
  return {
    touch: (
      type: "touchStart" | "touchMove" | "touchEnd",
      touchPoints: { x: number; y: number; id: number }[],
    ) => cdp.send("Input.dispatchTouchEvent", { type, touchPoints }),
    middle: async (what: Locator, finger: number) => {
      const box = (await what.boundingBox())!;
      return { x: box.x + box.width / 2, y: box.y + box.height / 2, id: finger };
    },
  };
}

test("a tap on a button counts, and once: while a finger rests on the board, and right after a swift stroke", async ({
  page,
  request,
}) => {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}`);
  await openBoard(page, /Every sixth post/);
  const { touch, middle } = await fingers(page);
  const on = await middle(page.getByRole("button", { name: "One jump on" }), 2);
  const child = await middle(place(page, "35"), 1);
  await touch("touchStart", [child]);
  for (const numbers of ["6, ?", "6, 12, ?"]) {
    await touch("touchStart", [child, on]);
    await touch("touchEnd", [on]);
    await expect(panel(page, "numbers")).toHaveText(numbers);
  }
  // The finger draws a swift stroke and leaves, and the next tap comes at once.
  for (let far = 1; far <= 6; far++) await touch("touchMove", [{ ...child, x: child.x + far * 25 }]);
  await touch("touchEnd", []);
  await touch("touchStart", [on]);
  await touch("touchEnd", []);
  await expect(panel(page, "numbers")).toHaveText("6, 12, 18, ?");
  // A click of that tap comes before the next touch, if it comes: it would count on as well.
  await touch("touchStart", [on]);
  await touch("touchEnd", []);
  await expect(panel(page, "numbers")).toHaveText("6, 12, 18, 24, ?");
});

test("a click that comes seconds after its tap was counted has no effect, whatever lies there by then", async ({
  page,
  request,
}) => {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}`);
  await openBoard(page, /Every sixth post/);
  const { touch, middle } = await fingers(page);
  const jump = page.getByRole("button", { name: "One jump on" });
  const on = await middle(jump, 2);
  const child = await middle(place(page, "35"), 1);
  // While a finger rests on the board, a browser sends no click for another: both taps are counted without one.
  await touch("touchStart", [child]);
  for (const numbers of ["6, ?", "6, 12, ?"]) {
    await touch("touchStart", [child, on]);
    await touch("touchEnd", [on]);
    await expect(panel(page, "numbers")).toHaveText(numbers);
  }
  await touch("touchEnd", []);
  await page.waitForTimeout(1000);
  const comesLate = (button: Locator) =>
    button.evaluate(
      (element, { x: clientX, y: clientY }) =>
        element.dispatchEvent(
          new PointerEvent("click", {
            bubbles: true,
            cancelable: true,
            detail: 1,
            clientX,
            clientY,
            pointerType: "touch",
          }),
        ),
      on,
    );
  expect(await comesLate(jump)).toBe(false);
  expect(await comesLate(page.getByRole("button", { name: "Take back" }))).toBe(false);
  await expect(panel(page, "numbers")).toHaveText("6, 12, ?");
  // Every later click is somebody's.
  await jump.tap();
  await expect(panel(page, "numbers")).toHaveText("6, 12, 18, ?");
  await jump.click();
  await expect(panel(page, "numbers")).toHaveText("6, 12, 18, 24, ?");
});
