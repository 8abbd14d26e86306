import { expect, type Page, test } from "@playwright/test";
import { measureScreen } from "../scripts/lib/measure-screen.mjs";
import { addLesson, climb, openBoard, place } from "./support/lessons";

const SIZES = [
  { width: 1280, height: 800 },
  { width: 1920, height: 1080 },
  { width: 1024, height: 768 },
  { width: 820, height: 1180 },
];

for (const size of SIZES) {
  test(`the board fits ${size.width} × ${size.height} without scrolling, and its rail is wide enough for fingers`, async ({
    page,
    request,
  }) => {
    const id = await addLesson(request);
    await page.setViewportSize(size);
    await page.goto(`/lesson/${id}`);
    await openBoard(page, /Every sixth post/);
    await climb(page);
    for (const mode of ["Prepare", "Teach"]) {
      await expect(page.getByRole("button", { name: mode })).toBeVisible();
      const { scroll, over } = await page.evaluate(() => ({
        scroll: [
          document.documentElement.scrollWidth - innerWidth,
          document.documentElement.scrollHeight - innerHeight,
        ],
        over: [...document.querySelectorAll("footer button, header button, header a")]
          .filter((button) => button.checkVisibility())
          .filter((button) => {
            const { left, right, top, bottom } = button.getBoundingClientRect();
            return left < -0.5 || top < -0.5 || right > innerWidth + 0.5 || bottom > innerHeight + 0.5;
          })
          .map((button) => button.textContent),
      }));
      expect(scroll).toEqual([0, 0]);
      expect(over).toEqual([]);
      const small = await page.locator("footer button:visible").evaluateAll((buttons) =>
        buttons
          .map((button) => ({
            name: button.getAttribute("aria-label") ?? button.textContent,
            box: button.getBoundingClientRect(),
          }))
          .filter(({ box }) => box.width < 56 || box.height < 56)
          .map(({ name, box }) => `${name} ${box.width} × ${box.height}`),
      );
      expect(small).toEqual([]);
      const grid = (await page.getByRole("grid").boundingBox())!;
      expect(grid.x).toBeGreaterThanOrEqual(0);
      const rail = (await page.locator("footer").boundingBox())!;
      expect(grid.y + grid.height).toBeLessThanOrEqual(rail.y);
      // Asked for again where its place has just been drawn anew.
      const numeral = () =>
        page
          .locator("[role=gridcell] text")
          .first()
          .evaluate((text) => Number.parseFloat(getComputedStyle(text).fontSize));
      if (size.width >= 1280) await expect.poll(numeral).toBeGreaterThanOrEqual(22);
      await page.getByRole("button", { name: mode }).click();
    }
  });
}

for (const name of ["2-seats-on-the-ferry", "9-crates-in-the-hold", "10-the-tide-gauge"]) {
  test(`at 1024 × 768 the stair of ${name} is in sight and no control lies on another`, async ({
    page,
    request,
  }) => {
    await page.setViewportSize({ width: 1024, height: 768 });
    const id = await addLesson(request, { name });
    for (const mode of ["", "?prepare"]) {
      await page.goto(`/lesson/${id}${mode}`);
      await climb(page);
      await expect(page.getByRole("button", { name: "Step down" })).toBeInViewport({ ratio: 1 });
      // A chart takes a moment to measure its room.
      await expect.poll(() => overlaps(page)).toEqual([]);
    }
  });
}

test("at 1366 × 768 magnified twice the chart can be seen and touched", async ({ page, request }) => {
  await page.setViewportSize({ width: 683, height: 384 });
  for (const mode of ["", "?prepare"]) {
    await page.goto(`/lesson/${await addLesson(request)}${mode}`);
    const square = page.locator("[data-cell='44']");
    await square.scrollIntoViewIfNeeded();
    await square.click();
    await expect(square).toHaveAccessibleName(/^45, sun mark/);
    const height = async () => (await page.getByRole("grid").boundingBox())!.height;
    await expect.poll(height).toBeGreaterThan(180);
  }
});

/** The controls in sight that lie on another control, by name. */
const overlaps = async (page: Page) => (await page.evaluate(measureScreen)).overlapping;

test("back of the room makes the numerals larger and is kept", async ({ page, request }) => {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}`);
  const numeral = () =>
    page
      .locator("[role=gridcell] text")
      .first()
      .evaluate((text) => Number(text.getAttribute("font-size")));
  await expect(place(page, "1")).toBeVisible();
  const before = await numeral();
  await page.keyboard.press("b");
  await expect.poll(numeral).toBeGreaterThan(before * 1.1);
  await page.reload();
  await expect.poll(numeral).toBeGreaterThan(before * 1.1);
});

test("nothing is asked of any other host, and the headers are set", async ({ page, request }) => {
  const hosts = new Set<string>();
  page.on("request", (asked) => hosts.add(new URL(asked.url()).host));
  const problems: string[] = [];
  page.on("console", (message) => message.type() === "error" && problems.push(message.text()));
  page.on("pageerror", (error) => problems.push(error.message));
  const id = await addLesson(request);
  await page.goto("/");
  await page.goto(`/lesson/${id}?prepare`);
  await place(page, "6").click();
  const answer = await page.reload();
  expect([...hosts]).toEqual([new URL(page.url()).host]);
  expect(problems).toEqual([]);
  const headers = answer!.headers();
  expect(headers["content-security-policy"]).toMatch(
    /default-src 'none'; script-src 'self' 'nonce-[^']+' 'strict-dynamic';/,
  );
  expect(headers["content-security-policy"]).toContain("frame-ancestors 'none'");
  expect(headers["x-content-type-options"]).toBe("nosniff");
  expect(headers["referrer-policy"]).toBe("no-referrer");
  expect(headers["x-powered-by"]).toBeUndefined();
  const fonts = () =>
    page.evaluate(() => [...document.fonts].filter(({ status }) => status === "loaded").length);
  await expect.poll(fonts).toBeGreaterThanOrEqual(2);
});

test("under reduced motion nothing moves", async ({ page, request }) => {
  const id = await addLesson(request);
  await page.emulateMedia({ reducedMotion: "reduce" });
  await page.goto(`/lesson/${id}`);
  await expect(place(page, "7")).toBeVisible();
  await page.keyboard.press("c");
  await place(page, "7").click();
  await page.keyboard.press("l");
  await page.locator("[data-cell='6']").click();
  await expect(place(page, "7")).toBeVisible();
  expect(await page.evaluate(() => document.getAnimations().length)).toBe(0);
});
