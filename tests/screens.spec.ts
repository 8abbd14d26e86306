import AxeBuilder from "@axe-core/playwright";
import { expect, type Page, test } from "@playwright/test";
import { measureScreen } from "../scripts/lib/measure-screen.mjs";
import { shut } from "./support/hands";
import { addLesson, climb, openBoard, place } from "./support/lessons";

const SIZES = [
  { width: 1280, height: 800 },
  { width: 1920, height: 1080 },
  { width: 1024, height: 768 },
  { width: 820, height: 1180 },
];

/** No serious or critical fault on the page, or on the part of it that has just come up. */
async function noFaults(page: Page, what: string, part = "body") {
  const { violations } = await new AxeBuilder({ page }).include(part).analyze();
  const grave = violations.filter(({ impact }) => impact === "serious" || impact === "critical");
  expect
    .soft(
      grave.map(({ id, nodes }) => [what, id, nodes.map(({ html }) => html.slice(0, 160))]),
      what,
    )
    .toEqual([]);
}

test("the shelf and its neighbours have no serious or critical fault", async ({ page }) => {
  await page.emulateMedia({ reducedMotion: "reduce" });
  await page.goto("/");
  await noFaults(page, "shelf");
  await page.getByRole("button", { name: "New lesson" }).click();
  await noFaults(page, "new lesson", "[role=dialog]");
  await page.goto("/removed");
  await noFaults(page, "removed lessons");
  await page.goto("/lesson/none");
  await noFaults(page, "not found");
});

test("the board has no serious or critical fault, taught or prepared", async ({ page, request }) => {
  const id = await addLesson(request);
  await page.emulateMedia({ reducedMotion: "reduce" });
  await page.goto(`/lesson/${id}`);
  await openBoard(page, /Every sixth post/);
  for (let step = 0; step < 5; step += 1) await climb(page);
  await page.getByRole("button", { name: "Cover", exact: true }).click();
  await page.locator("[data-cell='54']").click();
  await page.getByRole("button", { name: "Show answer" }).click();
  await noFaults(page, "board climbed");
  await page.getByRole("button", { name: /^Count in 6/ }).click();
  await noFaults(page, "count");
  await page.getByRole("button", { name: "Close" }).click();
  await page.getByRole("button", { name: "Clear" }).click();
  await noFaults(page, "clear", "[role=menu]");
  await shut(page);
  await page.getByRole("button", { name: "Prepare", exact: true }).click();
  await noFaults(page, "preparing");
  for (const tab of ["Marks", "Covers", "Views", "Board"]) {
    await page.getByRole("tab", { name: tab }).click();
    await noFaults(page, tab, "aside");
  }
  await page.getByRole("button", { name: "Write", exact: true }).click();
  for (const way of ["Keypad", "Tiles", "Where it goes"]) {
    await page.getByRole("radio", { name: way }).click();
    await noFaults(page, way, "section[aria-label=Write]");
  }
  await page.keyboard.press("m");
  for (const key of ["k", "?", "Control+k"]) {
    await page.keyboard.press("Escape");
    await page.locator("body").press(key);
    await expect(page.getByRole("dialog")).toBeVisible();
    await noFaults(page, `dialog of ${key}`, "[role=dialog]");
  }
});

test("arrows and times grids have no serious or critical fault, at work and at a puzzle", async ({
  page,
  request,
}) => {
  await page.emulateMedia({ reducedMotion: "reduce" });
  await page.goto(`/lesson/${await addLesson(request, { name: "8-arrows-on-the-jetty" })}`);
  for (let step = 0; step < 3; step += 1) await climb(page);
  await expect(page.getByRole("region", { name: "Arrows" })).toBeVisible();
  await noFaults(page, "arrows");
  await page.goto(`/lesson/${await addLesson(request, { name: "9-crates-in-the-hold" })}`);
  for (let step = 0; step < 4; step += 1) await climb(page);
  await noFaults(page, "times grid");
  await openBoard(page, /Which number belongs/);
  await climb(page);
  await page.getByRole("button", { name: "Write", exact: true }).click();
  await expect(page.getByText("What belongs here?")).toBeVisible();
  await noFaults(page, "puzzle");
});

test("lines, ways, pairs and problems have no serious or critical fault, taught, jumped on and drawn on", async ({
  page,
  request,
}) => {
  await page.emulateMedia({ reducedMotion: "reduce" });
  await page.goto(`/lesson/${await addLesson(request, { name: "12-friendly-numbers" })}`);
  for (let step = 0; step < 3; step += 1) await climb(page);
  await expect(page.getByRole("list", { name: "Stops of the trail" })).toBeVisible();
  await noFaults(page, "line");
  await page.keyboard.press("j");
  await expect(page.getByRole("region", { name: "Jumps" })).toBeVisible();
  await noFaults(page, "jumps");
  await page.keyboard.press("p");
  await expect(page.getByRole("group", { name: "Pen" })).toBeVisible();
  await noFaults(page, "pen");
  await page.goto(`/lesson/${await addLesson(request, { name: "13-how-far-to-the-next-ten" })}?prepare`);
  await climb(page);
  await expect(page.getByRole("list", { name: "Pairs that make ten" })).toBeVisible();
  await noFaults(page, "pairs");
  await page.getByRole("tab", { name: "Views" }).click();
  await noFaults(page, "views", "aside");
  await openBoard(page, /Your turn/);
  await expect(page.getByRole("article")).toHaveCount(4);
  await noFaults(page, "problems");
  await page.goto(`/lesson/${await addLesson(request, { name: "10-the-tide-gauge" })}`);
  await openBoard(page, /Equally far/);
  for (let step = 0; step < 2; step += 1) await climb(page);
  await expect(page.getByRole("region", { name: "Two numbers compared" })).toBeVisible();
  await noFaults(page, "compare");
});

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
