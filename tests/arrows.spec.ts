import { expect, type Page, test } from "@playwright/test";
import { KINDS } from "@/core/views/kinds";
import { measureScreen } from "../scripts/lib/measure-screen.mjs";
import { shut, tap } from "./support/hands";
import { addLesson, climb, demoLesson, LAMPS, lessonWith, panel, place } from "./support/lessons";

test.use({ hasTouch: true });

const CHART = demoLesson(LAMPS).boards[0].views.find(({ kind }: { kind: string }) => kind === "chart");

const arrow = (page: Page, side: string) => page.getByRole("button", { name: new RegExp(`^Arrow ${side}`) });
const tiles = (page: Page) => page.getByRole("list", { name: "Arrow tiles" }).getByRole("img");

async function open(page: Page, request: Parameters<typeof addLesson>[0]) {
  const id = await addLesson(request);
  await page.goto(`/lesson/${id}?prepare`);
  await page.getByRole("tab", { name: "Views", exact: true }).click();
  await page.getByRole("tab", { name: "Count panel" }).click();
  await page.getByRole("switch", { name: "Arrow moves" }).click();
  await page.getByRole("button", { name: "Teach" }).click();
  await expect(page.getByRole("region", { name: "Arrows" })).toBeVisible();
}

test("arrows one by one: the route is drawn, the sentence gathers tens and ones, the chart's end is said", async ({
  page,
  request,
}) => {
  await open(page, request);
  await arrow(page, "up").tap();
  await expect(page.getByText("Touch the number to start from first.")).toBeVisible();
  await place(page, "63").tap();
  await expect(arrow(page, "up")).toContainText("10 less");
  for (const side of ["up", "up", "up", "right", "right"]) await arrow(page, side).tap();
  await expect(panel(page, "sentence")).toHaveText("63 − 30 + 2 = 35");
  await expect(page.locator("[data-part=route]")).toHaveCount(1);
  await page.getByRole("button", { name: "Take back" }).tap();
  await expect(panel(page, "sentence")).toHaveText("63 − 30 + 1 = 34");
  for (let i = 0; i < 4; i += 1) await page.keyboard.press("Shift+ArrowUp");
  await expect(page.getByText("The chart ends here: nothing stands above 4.")).toBeVisible();
  await expect(panel(page, "sentence")).toHaveText("63 − 60 + 1 = 4");
});

test("a second view stands over the arrows; chart and arrows stay as large, and where they are, as the first jump lands", async ({
  page,
  request,
}) => {
  await page.goto(
    `/lesson/${await lessonWith(request, [CHART, KINDS.arrows.starts, KINDS.sentence.starts])}`,
  );
  const chart = page.getByRole("grid", { name: "Chart from 1 to 100" });
  await arrow(page, "up").waitFor();
  const places = async () => [
    await chart.boundingBox(),
    await page.getByRole("region", { name: "Arrows" }).boundingBox(),
    await page.getByRole("region", { name: "Number sentence" }).boundingBox(),
  ];
  const before = await places();
  await place(page, "63").tap();
  await arrow(page, "up").tap();
  await expect(page.getByRole("region", { name: "Number sentence" })).toContainText("53");
  expect(await places()).toEqual(before);
  const [wide, arrows, sentence] = before;
  expect(wide!.width).toBeGreaterThan(680);
  expect(sentence!.y + sentence!.height).toBeLessThan(arrows!.y);
  expect(sentence!.x).toBeCloseTo(arrows!.x, 0);
});

test("on an upright screen the count stands in one row over the arrows, and the chart stays as large whatever is said and laid", async ({
  page,
  request,
}) => {
  await page.setViewportSize({ width: 820, height: 1180 });
  const count = { ...KINDS.trail.starts, numbers: false, ones: false };
  await page.goto(
    `/lesson/${await lessonWith(request, [CHART, { ...KINDS.arrows.starts, layFirst: true }, count])}`,
  );
  const said = page.getByRole("region", { name: "The count so far" });
  await expect(said).toContainText("The route goes here.");
  const places = async () => [
    await page.getByRole("grid", { name: "Chart from 1 to 100" }).boundingBox(),
    await page.getByRole("region", { name: "Arrows" }).boundingBox(),
    await said.boundingBox(),
  ];
  const before = await places();
  await place(page, "63").tap();
  for (const way of ["up", "up", "left"] as const) await arrow(page, way).tap();
  expect(await places()).toEqual(before);
  await page.getByRole("button", { name: "Follow the arrows" }).tap();
  await expect(panel(page, "sentence")).toHaveText("63 − 20 − 1 = 42");
  expect(await places()).toEqual(before);
  expect(await said.evaluate((region) => region.scrollHeight - region.clientHeight)).toBe(0);
});

test("a row of arrow tiles is laid, its landing covered, then followed", async ({ page, request }) => {
  await open(page, request);
  await page.getByRole("radio", { name: "Lay them first" }).click();
  await place(page, "47").tap();
  for (const side of ["down", "down", "left"]) await arrow(page, side).tap();
  await expect(tiles(page)).toHaveCount(3);
  await page.getByRole("button", { name: "Cover the landing" }).tap();
  await expect(page.locator("[data-cell='65']")).toHaveAccessibleName("covered");
  await page.getByRole("button", { name: "Follow the arrows" }).tap();
  await expect(page.locator("[data-cell='65']")).toHaveAccessibleName("covered, in focus");
  await expect(page.getByRole("img", { name: "left, followed" })).toBeVisible();
  await expect(panel(page, "sentence")).toHaveText("47 + 20 − 1 =");
  await page.getByRole("button", { name: "Lift", exact: true }).tap();
  await page.locator("[data-cell='65']").tap();
  await expect(panel(page, "sentence")).toHaveText("47 + 20 − 1 = 66");
});

test("a card gives the day's move: drawn or picked, from where the last one led", async ({
  page,
  request,
}) => {
  await open(page, request);
  await place(page, "45").tap();
  await page.getByRole("button", { name: "A new route" }).tap();
  await expect(tiles(page).first()).toBeVisible();
  await page.getByRole("button", { name: "Choose a route" }).tap();
  await page.getByRole("button", { name: "Route: down, right", exact: true }).tap();
  await shut(page);
  await expect(tiles(page)).toHaveCount(2);
  await tap(page.getByRole("button", { name: "Follow the arrows" }));
  await expect(panel(page, "sentence")).toHaveText("45 + 10 + 1 = 56");
  await expect(page.getByRole("button", { name: "Follow the arrows" })).toBeVisible();
  await tap(page.getByRole("button", { name: "Follow the arrows" }));
  await expect(panel(page, "sentence")).toHaveText("56 + 10 + 1 = 67");
  await page.getByRole("button", { name: "Clear the arrows" }).tap();
  await expect(tiles(page)).toHaveCount(0);
});

for (const size of [
  { width: 1280, height: 800 },
  { width: 1024, height: 768 },
  { width: 820, height: 1180 },
]) {
  test(`arrow keys keep their place while a long route is laid at ${size.width} × ${size.height}`, async ({
    page,
    request,
  }) => {
    await page.setViewportSize(size);
    await page.goto(`/lesson/${await addLesson(request, { name: "8-arrows-on-the-jetty" })}`);
    await climb(page);
    const up = arrow(page, "up");
    const keys = arrow(page, "(left|down)");
    await page.getByRole("radio", { name: "Lay them first" }).click();
    // The first tile makes the place where tiles lie.
    await keys.first().click();
    await expect(tiles(page)).toHaveCount(1);
    const before = (await up.boundingBox())!;
    for (let laid = 2; laid <= 20; laid += 1) {
      await keys.nth(laid % 2).click();
      await expect(tiles(page)).toHaveCount(laid);
      expect(await up.boundingBox()).toEqual(before);
    }
    const { overlapping, out, scroll } = await page.evaluate(measureScreen);
    expect([overlapping, out, scroll]).toEqual([[], [], [0, 0]]);
  });
}
