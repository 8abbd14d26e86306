import { expect, type Page, test } from "@playwright/test";
import { KINDS } from "@/core/views/kinds";
import { measureScreen } from "../scripts/lib/measure-screen.mjs";
import { demoLesson, LAMPS, lessonWith } from "./support/lessons";

test.use({ hasTouch: true });

const CHART = demoLesson(LAMPS).boards[0].views.find(({ kind }: { kind: string }) => kind === "chart");
const TIMES = KINDS.times.starts;
const grid = (page: Page, row: number, column: number) =>
  page.getByRole("grid", { name: `Times grid from row ${row} and column ${column}` });
const panel = (page: Page, name: string) => page.getByRole("radio", { name, exact: true });

test("of two times grids the one that is chosen slides, in class and while preparing", async ({
  page,
  request,
}) => {
  const grids = [
    { ...TIMES, id: "near" },
    { ...TIMES, id: "far" },
  ];
  await page.goto(`/lesson/${await lessonWith(request, grids)}`);
  await expect(grid(page, 1, 1)).toHaveCount(2);
  await page.getByRole("button", { name: "Slide down" }).tap();
  await expect(page.getByRole("grid").nth(0)).toHaveAccessibleName("Times grid from row 2 and column 1");
  await panel(page, "Times grid 2").tap();
  await page.getByRole("button", { name: "Slide right" }).tap();
  await expect(grid(page, 2, 1)).toHaveCount(1);
  await expect(page.getByRole("grid").nth(1)).toHaveAccessibleName("Times grid from row 1 and column 2");
  await page.getByRole("button", { name: "Take back" }).tap();
  await expect(grid(page, 1, 1)).toHaveCount(1);

  await page.getByRole("button", { name: "Prepare", exact: true }).click();
  await page.getByRole("tab", { name: "Slide", exact: true }).click();
  await panel(page, "Times grid 2").tap();
  await page.getByLabel("Go to row").fill("18");
  await page.getByLabel("Go to row").press("Enter");
  await expect(page.getByRole("grid").nth(1)).toHaveAccessibleName("Times grid from row 18 and column 1");
});

test("a times grid that is hidden for now has no panel in class, and has it again with the grid", async ({
  page,
  request,
}) => {
  await page.goto(`/lesson/${await lessonWith(request, [CHART, TIMES])}`);
  const slide = page.getByRole("region", { name: "Slide" });
  await expect(slide).toBeVisible();
  await page.getByRole("button", { name: "Prepare", exact: true }).click();
  await page.getByRole("tab", { name: "Views", exact: true }).click();
  await page.getByRole("button", { name: "Hide for now: Times grid" }).click();
  await page.getByRole("button", { name: "Teach", exact: true }).click();
  await expect(page.getByRole("grid")).toHaveCount(1);
  await expect(slide).toHaveCount(0);
  await page.getByRole("button", { name: "Take back" }).tap();
  await expect(grid(page, 1, 1)).toBeVisible();
  await expect(slide).toBeVisible();
});

for (const [width, height] of [
  [1280, 800],
  [1024, 768],
  [820, 1180],
] as const) {
  test(`arrows and a times grid each have their panel at ${width} × ${height}, and no view lies under one`, async ({
    page,
    request,
  }) => {
    await page.setViewportSize({ width, height });
    const views = [CHART, { kind: "arrows", layFirst: false }, TIMES];
    await page.goto(`/lesson/${await lessonWith(request, views)}`);
    await expect(page.getByRole("region", { name: "Arrows" })).toBeVisible();
    const places = () =>
      page
        .locator("[data-place]")
        .evaluateAll((all) => all.map((one) => one.getBoundingClientRect().toJSON()));
    const before = await places();
    for (const shown of ["Arrows", "Slide"]) {
      await panel(page, shown === "Slide" ? "Times grid" : "Arrow moves").tap();
      const beside = (await page.getByRole("region", { name: shown }).boundingBox())!;
      for (const view of await page.getByRole("grid").all()) {
        const { x, y, width: wide, height: high } = (await view.boundingBox())!;
        const apart =
          x + wide <= beside.x ||
          beside.x + beside.width <= x ||
          y + high <= beside.y ||
          beside.y + beside.height <= y;
        expect(apart).toBe(true);
      }
      expect(await places()).toEqual(before);
      const { overlapping, out, scroll } = await page.evaluate(measureScreen);
      expect([overlapping, out, scroll]).toEqual([[], [], [0, 0]]);
    }
  });
}

const START: Record<string, object> = KINDS as never;
for (const [names, run] of [
  ["pairs way trail groups", "above"],
  ["higher-lower way trail say", "above"],
  ["way strip trail", "above"],
  ["line times frames strip", "above"],
  ["higher-lower say compare", "above"],
  ["problems groups compare arrows", "beside"],
] as const) {
  test(`in small rooms no button lies on a view, and nothing is cut: ${names}, ${run}`, async ({
    page,
    request,
  }) => {
    const views = names.split(" ").map((kind) => ({
      ...(START[kind] as { starts: object }).starts,
      kind,
      id: kind,
    }));
    const opening = [
      { do: "start", number: "12" },
      { do: "jump", by: "10" },
      { do: "jump", by: "3" },
    ];
    await page.goto(`/lesson/${await lessonWith(request, views, { opening, layout: { run, share: 0.6 } })}`);
    await expect(page.getByRole("button", { name: "Lift" })).toBeVisible();
    await expect
      .poll(async () => {
        const { overlapping, out, scroll } = await page.evaluate(measureScreen);
        return [overlapping, out, scroll];
      })
      .toEqual([[], [], [0, 0]]);
  });
}
