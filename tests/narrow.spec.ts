import { expect, test } from "@playwright/test";
import { measureScreen } from "../scripts/lib/measure-screen.mjs";
import { demoFiles } from "./support/demo-files";
import { demoLesson, LAMPS, lessonWith } from "./support/lessons";

type View = { kind: string };
type Board = { views: View[] };

/** Views that have their own place elsewhere while the count is set, or that stand on no other's card. */
const ELSEWHERE = ["chart", "trail", "arrows"];

/** One view of each kind as the demo lessons have it. */
const VIEWS = new Map(
  demoFiles()
    .flatMap(({ text }) => (JSON.parse(text) as { boards: Board[] }).boards.flatMap(({ views }) => views))
    .filter(({ kind }) => !ELSEWHERE.includes(kind))
    .map((view) => [view.kind, view]),
);
const of = (kind: string) => VIEWS.get(kind)!;
/** What stands beside a chart that begins at some number. */
const CASES = [
  ...[...VIEWS].map(([name, view]) => ({ name, view, first: 181 })),
  { name: "comparison of millions", view: { ...of("compare"), a: "1234567", b: "1234576" }, first: 181 },
  { name: "pair past two million", view: of("pairs"), first: 1_999_981 },
  { name: "place value of millions", view: { ...of("place-value"), as: "discs" }, first: 8_888_881 },
];
const CHART = {
  kind: "chart",
  difference: "1",
  columns: 10,
  until: { by: "rows", rows: 4 },
  run: "across",
  climb: "down",
  reads: "one-way",
  covers: "solid",
};
const COUNT = { ...demoLesson(LAMPS).boards[0].count, by: "2" };

for (const { name, view, first } of CASES) {
  test(`beside a chart and the set-up of the count nothing of a narrow ${name} is cut off`, async ({
    page,
    request,
  }) => {
    const layout = { run: "beside", share: 0.74 };
    const chart = { ...CHART, first: String(first) };
    const count = { ...COUNT, from: String(first + 11) };
    const id = await lessonWith(request, [chart, { ...view, id: "side" }], { layout, count });
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto(`/lesson/${id}`);
    for (const jumps of [0, 1, 2, 3]) {
      const number = (first + 11 + 2 * jumps).toLocaleString("en-GB");
      await page.getByRole("button", { name: "One jump on" }).click();
      await expect(page.getByRole("gridcell", { name: `${number}, in focus` }).first()).toBeVisible();
    }
    await page.getByRole("button", { name: /^Count in/ }).click();
    await expect(page.getByRole("tab", { name: "Which numbers" })).toBeVisible();
    for (const [width, height] of [
      [1280, 800],
      [1024, 768],
    ] as const) {
      await page.setViewportSize({ width, height });
      await expect
        .poll(async () => {
          const { overlapping, out } = await page.evaluate(measureScreen);
          return [...overlapping, ...out];
        })
        .toEqual([]);
      const card = (await page.locator("[data-place=side]").boundingBox())!;
      expect(card.width).toBeGreaterThan(239);
    }
  });
}
