import { expect, type Page, test } from "@playwright/test";
import { KINDS } from "@/core/views/kinds";
import { demoLesson, LAMPS, lessonWith, lineView } from "./support/lessons";

const CHART = demoLesson(LAMPS).boards[0].views.find(({ kind }: { kind: string }) => kind === "chart");
const FLAT = { shape: "flat", unit: "", from: "0", to: "100", interval: "10", divisions: 10 };

/** Holds back the scripts of a page with given words until they are let go. */
async function holdBack(page: Page, words: string): Promise<() => void> {
  let letGo = () => {};
  const held = new Promise<void>((done) => {
    letGo = done;
  });
  await page.route("**/*.js", async (route) => {
    const answer = await route.fetch();
    if ((await answer.text()).includes(words)) await held;
    await route.fulfill({ response: answer });
  });
  return letGo;
}

const ARROWS = { kind: "arrows", layFirst: false };
for (const [name, words, late, views] of [
  [
    "arrows",
    "Cover the landing",
    "Arrows",
    [CHART, ARROWS, { ...KINDS.trail.starts, numbers: false, ones: false }],
  ],
  [
    "what slides a times grid",
    "A touch marks",
    "Slide",
    [KINDS.times.starts, lineView({ ...FLAT, pinned: false })],
  ],
  ["one of two panels", "Cover the landing", "Arrows", [CHART, ARROWS, KINDS.times.starts]],
] as const) {
  for (const [width, height] of [
    [1280, 800],
    [820, 1180],
  ] as const) {
    test(`nothing moves at ${width} × ${height} when ${name} come late`, async ({ page, request }) => {
      await page.setViewportSize({ width, height });
      const letGo = await holdBack(page, words);
      await page.goto(`/lesson/${await lessonWith(request, views)}`);
      const places = () =>
        page.locator("[data-place]").evaluateAll((all) =>
          all.map((one) => {
            const { x, y, width, height } = one.getBoundingClientRect();
            return [x, y, width, height].map(Math.round);
          }),
        );
      await expect(page.locator("[data-place]")).toHaveCount(2);
      await expect(page.getByRole("button", { name: "Lift" })).toBeVisible();
      const before = await places();
      expect(await page.getByRole("region", { name: late }).count()).toBe(0);
      letGo();
      await expect(page.getByRole("region", { name: late })).toBeVisible();
      expect(await places()).toEqual(before);
      // Other scripts may still be on their way.
      await page.unrouteAll({ behavior: "ignoreErrors" });
    });
  }
}
